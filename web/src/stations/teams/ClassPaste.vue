<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import { ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { ClassList, ClassOpened, Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useDraft } from '@/shared/useDraft'
import TableFile from '@/shared/TableFile.vue'
import { latest } from '@/shared/latest'
import { singly } from '@/shared/singly'

/** A class list, pasted or from a file: first how it was understood, then the class. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ added: [made: ClassOpened] }>()
/** What was pasted stays until the class is there. */
const { draft: typed, follow } = useDraft(() => ({ name: '', text: '' }), 'class')
const given = ref<number>()
const family = ref<number>()
const list = ref<ClassList>()
const refusal = ref<Refusal>()

const look = latest(() =>
  ask(
    api.POST('/api/classes/look', {
      body: { text: typed.value.text, given: given.value ?? null, family: family.value ?? null },
    }),
  ),
)
async function preview() {
  if (!typed.value.text.trim()) return void (list.value = undefined)
  const answer = await look()
  if (!answer) return
  refusal.value = refusalOf(answer, 'What you typed is still here. Try again.')
  list.value = answer.ok ? answer.data : undefined
}
const soon = useDebounceFn(preview, 200)
watch(
  () => typed.value.text,
  () => {
    given.value = undefined
    family.value = undefined
    void soon()
  },
  { immediate: true },
)
async function add() {
  const answer = await ask(
    api.POST('/api/classes', { body: { name: typed.value.name, students: [...(list.value?.students ?? [])] } }),
  )
  refusal.value = refusalOf(answer, 'What you typed is still here. Try again.')
  if (!answer.ok) return
  emit('added', answer.data)
  open.value = false
  follow()
}
const number = (event: Event) => Number((event.target as HTMLSelectElement).value)
</script>

<template>
  <Dialog v-model:visible="open" modal header="New class" :style="{ width: '46rem' }">
    <form novalidate @submit.prevent="singly(add)">
      <div class="field">
        <label for="class-name">Name of the class</label>
        <InputText id="class-name" v-model="typed.name" />
      </div>
      <div class="field">
        <label for="list">Students, one on each line, or a table with given and family names</label>
        <Textarea id="list" v-model="typed.text" rows="7" />
      </div>
      <TableFile label="Import a table (CSV)" @text="(read) => (typed.text = read)" />
      <template v-if="list">
        <p v-if="list.columns.length > 1">
          Given names are in
          <select
            class="inline"
            aria-label="Column of given names"
            :value="list.given"
            @change="((given = number($event)), preview())"
          >
            <option v-for="(c, i) in list.columns" :key="i" :value="i">{{ c }}</option>
          </select>
          , family names in
          <select
            class="inline"
            aria-label="Column of family names"
            :value="list.family ?? -1"
            @change="((family = number($event)), preview())"
          >
            <option :value="-1">no column</option>
            <option v-for="(c, i) in list.columns" :key="i" :value="i">{{ c }}</option></select
          >. Only an initial of them is kept.
        </p>
        <p>
          <b>{{ list.students.length === 1 ? '1 student' : `${list.students.length} students` }}:</b>
          {{ list.students.join(', ') }}
        </p>
        <ul class="small odd">
          <li v-for="o in list.odd" :key="o">{{ o }}</li>
        </ul>
      </template>
      <RefusalNote :refusal="refusal" />
      <Button type="submit" label="Add class" :disabled="!list || list.students.length === 0" />
    </form>
  </Dialog>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-5);
  justify-items: start;
}
.field {
  width: 100%;
}
.odd {
  color: var(--marigold-text);
}
</style>
