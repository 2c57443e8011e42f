<script setup lang="ts">
import Button from 'primevue/button'
import { ref, useTemplateRef } from 'vue'
import type { Problem } from '../api/names'

/** Brings in a brief or a rally from a file of the open formats. */
const emit = defineEmits<{ taken: [] }>()
const input = useTemplateRef('input')
const said = ref('')
const problems = ref<Problem[]>([])

async function bring(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  if (!file) return
  problems.value = []
  said.value = `Reading ${file.name}…`
  const text = await file.text()
  field.value = ''
  try {
    const response = await fetch('/api/files', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: text,
    })
    const answer = (await response.json()) as {
      sort?: string
      title?: string
      problems?: Problem[]
      warnings?: Problem[]
    }
    if (response.ok) {
      said.value = `${file.name} is on the ${answer.sort === 'brief' ? 'shelf' : 'list of rallies'} now.`
      problems.value = answer.warnings ?? []
      emit('taken')
    } else {
      said.value = `${file.name} was not taken in: ${answer.title ?? 'it could not be read.'}`
      problems.value = answer.problems ?? []
    }
  } catch (wrong) {
    if (!(wrong instanceof TypeError)) throw wrong
    said.value = 'Plucky Rally does not answer. Nothing was taken in; try again.'
  }
}
</script>

<template>
  <div class="import">
    <input
      ref="input"
      type="file"
      accept=".json,application/json"
      hidden
      aria-label="File to bring in"
      @change="bring"
    />
    <Button label="Bring in a file" variant="outlined" @click="input?.click()" />
    <div role="status" class="small said">
      <p>{{ said }}</p>
      <ul>
        <li v-for="p in problems.slice(0, 6)" :key="p.at + p.what">
          <code>{{ p.at || '/' }}</code> {{ p.what }} {{ p.remedy }}
        </li>
      </ul>
      <p v-if="problems.length > 6">and {{ problems.length - 6 }} more.</p>
    </div>
  </div>
</template>

<style scoped>
.import {
  display: flex;
  flex-direction: row-reverse;
  align-items: center;
  gap: 0.75rem;
}
.said {
  max-width: 28rem;
  overflow-wrap: anywhere;
}
</style>
