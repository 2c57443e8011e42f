<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref, useTemplateRef } from 'vue'
import type { LookedAt, Problem, Refusal } from '@/api/names'

/** Imports briefs and rallies from files: first what each would do, then all that are in order, one by one. */
const emit = defineEmits<{ taken: [] }>()
const input = useTemplateRef('input')
const open = ref(false)
interface Line {
  file: File
  looked?: LookedAt
  wrong?: string
  problems: readonly Problem[]
  state: 'looking' | 'ready' | 'refused' | 'taken'
  /** Whether a rally that is here already is taken in a second time. */
  both?: boolean
}
const lines = ref<Line[]>([])
const working = ref(false)
const done = ref(0)
const ready = computed(() => lines.value.filter((l) => l.state === 'ready' && (!l.looked?.here || l.both)))
const total = ref(0)
/** Beyond this the server takes nothing, and the browser need not read it. */
const mostBytes = 100_000_000

async function send(path: string, file: File) {
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: await file.arrayBuffer(),
    })
    return { ok: response.ok, answer: (await response.json()) as unknown }
  } catch (wrong) {
    if (!(wrong instanceof TypeError)) throw wrong
    return {
      ok: false,
      answer: { title: 'Plucky Rally does not answer.', detail: 'Nothing was imported.', problems: [] },
    }
  }
}

async function choose(event: Event) {
  const field = event.target as HTMLInputElement
  const files = [...(field.files ?? [])]
  field.value = ''
  if (files.length === 0) return
  lines.value = files.map((file) => ({ file, problems: [], state: 'looking' }))
  done.value = 0
  total.value = 0
  open.value = true
  for (const line of lines.value) await check(line)
}

async function check(line: Line) {
  if (line.file.size > mostBytes) {
    line.state = 'refused'
    line.wrong = 'This file is too large to be a brief or a rally.'
    return
  }
  const { ok, answer } = await send('/api/files/look', line.file)
  line.state = ok ? 'ready' : 'refused'
  if (ok) {
    line.looked = answer as LookedAt
    line.problems = line.looked.warnings
  } else {
    const refusal = answer as Refusal
    line.wrong = `${refusal.title} ${refusal.problems?.length ? '' : (refusal.detail ?? '')}`
    line.problems = refusal.problems ?? []
  }
}

async function take() {
  working.value = true
  const wanted = ready.value
  total.value = wanted.length
  done.value = 0
  for (const line of wanted) {
    const { ok, answer } = await send('/api/files', line.file)
    line.state = ok ? 'taken' : 'refused'
    if (!ok) line.wrong = (answer as Refusal).title ?? ''
    done.value++
  }
  working.value = false
  emit('taken')
}
</script>

<template>
  <input
    ref="input"
    type="file"
    accept=".json,application/json"
    multiple
    hidden
    aria-label="Files to import"
    @change="choose"
  />
  <Button label="Import" variant="outlined" @click="input?.click()" />
  <Dialog v-model:visible="open" modal header="Import" :style="{ width: '44rem' }">
    <ul>
      <li v-for="line in lines" :key="line.file.name" :class="line.state">
        <p>
          <b>{{ line.file.name }}</b>
          <span class="small muted">
            {{
              line.state === 'looking'
                ? ' is being checked…'
                : line.state === 'taken'
                  ? ' was imported.'
                  : line.state === 'refused'
                    ? ' cannot be imported.'
                    : ''
            }}
          </span>
        </p>
        <p v-if="line.looked">
          <b>{{ line.looked.title || 'Untitled' }}.</b> {{ line.looked.says }}
          <template v-if="line.looked.snags > 0">
            {{ line.looked.snags === 1 ? '1 snag stops' : `${line.looked.snags} snags stop` }} it from being
            run.</template
          >
        </p>
        <p v-if="line.looked?.here && line.state === 'ready'" class="heed">
          You already have it: {{ line.looked.here }}.
          <label><input v-model="line.both" type="checkbox" /> Keep both</label>
        </p>
        <p v-if="line.wrong" class="wrong">{{ line.wrong }}</p>
        <ul v-if="line.problems.length > 0" class="small problems">
          <li v-for="p in line.problems.slice(0, 20)" :key="p.at + p.what">
            <code>{{ p.at || '/' }}</code> {{ p.what }} {{ p.remedy }}
          </li>
        </ul>
        <p v-if="line.problems.length > 20" class="small">and {{ line.problems.length - 20 }} more.</p>
      </li>
    </ul>
    <p v-if="total > 0" role="status">
      <progress :value="done" :max="total" aria-label="Files imported"></progress>
      {{ done }} of {{ total }} imported.
    </p>
    <div class="ways">
      <Button
        v-if="ready.length > 0"
        :label="ready.length === 1 ? 'Import 1 file' : `Import ${ready.length} files`"
        :loading="working"
        @click="take"
      />
      <Button label="Close" variant="outlined" @click="open = false" />
    </div>
  </Dialog>
</template>

<style scoped>
li {
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
  overflow-wrap: anywhere;
}
.problems li {
  border: 0;
  padding: var(--space-1) 0;
}
.ways {
  display: flex;
  gap: var(--space-4);
  padding-top: var(--space-5);
}
progress {
  accent-color: var(--lagoon);
}
</style>
