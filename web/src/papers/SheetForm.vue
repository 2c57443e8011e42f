<script setup lang="ts">
import Button from 'primevue/button'
import { v7 } from 'uuid'
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { PaperBlock, PaperField, SheetTyped } from '@/api/names'
import { thisBrowser } from '@/shared/thisBrowser'
import { useDraft } from '@/shared/useDraft'
import { pastedInto } from './pastedInto'
import { useRefusal } from '@/fields/useRefusal'

/** One team's sheet. What is typed is kept on this device until the server has it. */
const props = defineProps<{
  rally: string
  team: string
  round: number
  blocks: readonly PaperBlock[]
  /** The rally's day, or nothing. */
  day: string
}>()
const emit = defineEmits<{ kept: [things: number] }>()
const today = new Date().toLocaleDateString('sv')
const who = `judged-by:${props.rally}`
const { draft, follow } = useDraft<
  Pick<SheetTyped, 'id' | 'judgedBy' | 'judgedOn'> & {
    fields: Record<string, string>
    sure: Record<string, string>
  }
>(
  () => ({
    id: v7(),
    judgedBy: thisBrowser.read(who) ?? '',
    judgedOn: props.day && props.day <= today ? props.day : today,
    fields: {},
    sure: {},
  }),
  `sheet:${props.rally}:${props.team}:${props.round}`,
)
const refusal = useRefusal(() => draft.value)
const sending = ref(false)
const problem = (at: string) => refusal.value?.problems.find((p) => p.at === at)
const wrongAt = (f: PaperField) => problem(`/fields/${f.id}`) ?? unlikely(f)
/** A value far from what was expected is asked about once. */
const unlikely = (f: PaperField) => problem(`/fields/${f.id}/sure`)
function isRight(f: PaperField) {
  draft.value.sure = { ...draft.value.sure, [f.id]: draft.value.fields[f.id] ?? '' }
  void keep()
}
const elsewhere = computed(() => {
  const known = new Set(props.blocks.flatMap((b) => b.rows.flatMap((r) => r.fields.map((f) => `/fields/${f.id}`))))
  return (
    refusal.value?.problems.filter(
      (p) => !known.has(p.at.replace(/\/sure$/, '')) && p.at !== '/judgedBy' && p.at !== '/again',
    ) ?? []
  )
})
const named = (b: PaperBlock) => b.rows.some((r) => r.name)
const label = (b: PaperBlock, row: string, column: number) =>
  [b.title, row, b.columns[column]].filter(Boolean).join(', ')

/** The server asks before it takes a second page of a team and round. */
const asked = computed(() => problem('/again'))
async function keep(again = false) {
  if (sending.value) return
  sending.value = true
  const { id, judgedBy, judgedOn, fields, sure } = draft.value
  const answer = await ask(
    api.POST('/api/rallies/{id}/papers/judged', {
      params: { path: { id: props.rally } },
      body: { id, team: props.team, round: props.round, judgedBy, judgedOn, fields, sure, again },
    }),
  )
  sending.value = false
  refusal.value = refusalOf(answer, 'What you typed is kept here. Try again when there is one.')
  if (!answer.ok) return
  thisBrowser.keep(who, judgedBy)
  follow()
  draft.value.id = v7()
  emit('kept', answer.data.entries)
}
/** Cells that were copied from a spreadsheet fill the fields from this one on, row by row. */
function onPaste(event: ClipboardEvent, b: PaperBlock, row: number, column: number) {
  const text = event.clipboardData?.getData('text/plain').replace(/\r?\n$/, '') ?? ''
  if (!/[\t\n]/.test(text)) return
  event.preventDefault()
  const fields = { ...draft.value.fields }
  text.split(/\r?\n/).forEach((line, down) =>
    line.split('\t').forEach((cell, right) => {
      const field = b.rows[row + down]?.fields[column + right]
      if (field) fields[field.id] = pastedInto(field, cell.trim())
    }),
  )
  draft.value.fields = fields
}
/** Enter goes to the next field, as on an adding machine; behind the last it keeps the sheet. */
function onEnter(event: KeyboardEvent) {
  const at = event.target as HTMLElement
  if (at instanceof HTMLButtonElement) return
  event.preventDefault()
  const all = [...(at.closest('form')?.querySelectorAll<HTMLElement>('input, select, button[type="submit"]') ?? [])]
  all[all.indexOf(at) + 1]?.focus()
}
</script>

<template>
  <form novalidate @submit.prevent="keep()" @keydown.enter="onEnter">
    <p class="who">
      <label
        >Judged by
        <input
          v-model="draft.judgedBy"
          class="field"
          maxlength="80"
          :aria-invalid="problem('/judgedBy') !== undefined"
        />
      </label>
      <label>on <input v-model="draft.judgedOn" class="field" type="date" /></label>
    </p>
    <p v-if="problem('/judgedBy')" class="wrong small" role="alert">
      {{ problem('/judgedBy')!.what }} {{ problem('/judgedBy')!.remedy }}
    </p>
    <section v-for="b in blocks" :key="b.title" :aria-label="b.title">
      <h3>{{ b.title }}</h3>
      <div class="wide">
        <table>
          <thead :class="{ 'out-of-sight': !named(b) }">
            <tr>
              <th v-if="named(b)" scope="col">{{ b.of }}</th>
              <th v-for="c in b.columns" :key="c" scope="col">{{ c }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(r, i) in b.rows" :key="i">
              <th v-if="named(b)" scope="row">{{ r.name }}</th>
              <td v-for="(f, c) in r.fields" :key="f.id" :class="{ measured: f.unit }">
                <select
                  v-if="f.kind === 'met' || f.kind === 'choice'"
                  v-model="draft.fields[f.id]"
                  class="field"
                  :aria-label="label(b, r.name, c)"
                  :aria-invalid="wrongAt(f) !== undefined"
                >
                  <option :value="undefined"></option>
                  <template v-if="f.kind === 'met'">
                    <option value="met">met</option>
                    <option value="missed">missed</option>
                  </template>
                  <option v-for="o in f.choices" :key="o.value" :value="o.value">{{ o.name }}</option>
                </select>
                <input
                  v-else-if="f.kind === 'tick'"
                  type="checkbox"
                  class="tick"
                  :aria-label="label(b, r.name, c)"
                  :checked="!!draft.fields[f.id]"
                  @change="draft.fields[f.id] = ($event.target as HTMLInputElement).checked ? 'x' : ''"
                />
                <template v-else>
                  <input
                    v-model="draft.fields[f.id]"
                    class="field"
                    :class="f.kind"
                    autocomplete="off"
                    :inputmode="f.kind === 'count' ? 'numeric' : undefined"
                    :aria-label="label(b, r.name, c)"
                    :aria-invalid="wrongAt(f) !== undefined"
                    @paste="onPaste($event, b, i, c)"
                  />
                  <span v-if="f.unit" class="small muted">&nbsp;{{ f.unit }}</span>
                </template>
                <p v-if="wrongAt(f)" class="wrong small" role="alert">
                  {{ wrongAt(f)!.what }} {{ wrongAt(f)!.remedy }}
                  <Button
                    v-if="unlikely(f)"
                    type="button"
                    label="It is right"
                    size="small"
                    variant="outlined"
                    :disabled="sending"
                    @click="isRight(f)"
                  />
                </p>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <p v-for="p in elsewhere" :key="p.at" class="wrong" role="alert">{{ p.what }} {{ p.remedy }}</p>
    <p v-if="refusal && refusal.problems.length === 0" class="wrong" role="alert">
      {{ refusal.title }} {{ refusal.detail }}
    </p>
    <p v-if="asked" class="wrong" role="alert">
      {{ asked.what }} {{ asked.remedy }}
      <Button type="button" label="Save it too" variant="outlined" :disabled="sending" @click="keep(true)" />
    </p>
    <Button type="submit" label="Save this sheet" :disabled="sending" />
  </form>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-5);
  justify-items: start;
}
section {
  width: 100%;
}
/* A table as on the paper; where it is too wide, it alone moves sideways. */
.wide {
  overflow-x: auto;
  padding: var(--space-2);
}
.who {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-6);
}
th,
td {
  text-align: left;
  padding: var(--space-2) var(--space-4) var(--space-2) 0;
  vertical-align: top;
  font-weight: 400;
}
thead th {
  font-weight: 650;
  max-width: 16rem;
}
.field {
  font: inherit;
  min-height: 36px;
  border: 1.5px solid var(--edge);
  background: var(--sheet);
  color: var(--ink);
  padding: var(--space-2) var(--space-3);
}
.field[aria-invalid='true'] {
  border-color: var(--brick);
}
.reading,
.count {
  width: 6.5rem;
}
.measured {
  white-space: nowrap;
}
.measured .wrong {
  white-space: normal;
}
.words {
  width: 14rem;
}
.tick {
  width: 24px;
  height: 24px;
}
</style>
