<script setup lang="ts" generic="T">
import { openLine } from '@/fields/openLine'
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, nextTick, ref, useId, useTemplateRef } from 'vue'
import { useOrder } from '@/shared/useOrder'
import InlineCheck from './InlineCheck.vue'
import TakeOut from './TakeOut.vue'
import { useHalfTyped } from './halfTyped'
import { pastedRows } from './pastedRows'

/**
 * A list whose items are edited where they stand, put in order by dragging or with the arrow keys, added and taken out.
 * Enter goes on to a new item; a list that is pasted becomes items. Items with an id are known by it, the others by
 * their place.
 */
const props = defineProps<{
  items: T[]
  /** What one of them is, for labels. */
  one: string
  at: string
  fresh: () => T
  add?: string
  /**
   * How pasted lines become items, and what such a line looks like. Without it no list is pasted; lines that could not
   * be read stay where they were pasted.
   */
  paste?: { such: string } & (
    | { row: (cells: string[], fresh: T, line: string, numbered: string) => T }
    | { rows: (lines: string[]) => Promise<readonly T[] | undefined> }
  )
}>()
const list = useTemplateRef<HTMLElement>('list')
const halves = useHalfTyped()
const id = (item: T) => (item as { id?: string }).id
/** Places by number mean something else once something stands before them. */
const shift = (item: T) => id(item) === undefined && halves.drop(props.at)
const move = (from: number, to: number) => {
  const [item] = props.items.splice(from, 1)
  if (item === undefined) return
  shift(item)
  props.items.splice(to, 0, item)
}
const { onKey } = useOrder(list, move, () => props.items.length)
const addLabel = computed(() => props.add ?? `Add a ${props.one}`)

async function focusOn(i: number) {
  await nextTick()
  list.value?.children[i]?.querySelector<HTMLElement>('.body input, .body textarea, .body select')?.focus()
}
function insert(i: number) {
  const item = props.fresh()
  if (i < props.items.length) shift(item)
  props.items.splice(i, 0, item)
  void focusOn(i)
}
function remove(i: number) {
  const [item] = props.items.splice(i, 1)
  if (item === undefined) return
  shift(item)
  if (id(item) !== undefined) halves.drop(`${props.at}/${id(item)}`)
}

/** An item of a list inside belongs to that list. */
const isOwn = (event: Event) => (event.target as HTMLElement).closest('ul.items') === list.value
function enter(event: KeyboardEvent, i: number) {
  if (event.defaultPrevented || !isOwn(event) || !(event.target as HTMLElement).matches('input.inline')) return
  event.preventDefault()
  insert(i + 1)
}

/** The lines as items, where somebody else reads them; undefined where that failed. */
async function asked(text: string) {
  const { paste } = props
  return paste && 'rows' in paste ? await paste.rows(pastedRows(text).map((r) => r.line)) : undefined
}
/** Each line becomes an item in its turn, going by what stands in the list by then, unless they were read before. */
function take(text: string, from: number, read?: readonly T[]) {
  const { paste } = props
  const makers =
    read?.map((item) => () => item) ??
    (paste && 'row' in paste
      ? pastedRows(text).map(
          ({ cells, line, numbered }) =>
            () =>
              paste.row(cells, props.fresh(), line, numbered),
        )
      : [])
  if (makers.length === 0) return
  // A line that nothing was written into yet makes room.
  const untouched = props.items[from] !== undefined && isUntouched(props.items[from])
  if (untouched) remove(from)
  let at = untouched ? from : from + 1
  for (const make of makers) props.items.splice(at++, 0, make())
  void focusOn(at - 1)
}
const isUntouched = (item: T) => JSON.stringify({ ...item, id: '' }) === JSON.stringify({ ...props.fresh(), id: '' })
function onPaste(event: ClipboardEvent, i: number) {
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (!props.paste || !isOwn(event) || !/[\n\t]/.test(text.trim())) return
  event.preventDefault()
  if ('row' in props.paste) return take(text, i)
  void asked(text).then((items) => {
    if (items) return take(text, i, items)
    pasted.value = text
    pasting.value = true
  })
}

const pasting = ref(false)
const pasted = ref('')
const area = useId()
async function openPaste() {
  pasting.value = !pasting.value
  await nextTick()
  document.getElementById(area)?.focus()
}
const instead = ref(false)
function takeAll(read?: readonly T[]) {
  if (instead.value) while (props.items.length > 0) remove(props.items.length - 1)
  take(pasted.value, props.items.length - 1, read)
  pasted.value = ''
  pasting.value = false
  instead.value = false
}
function takePasted() {
  if (props.paste && 'row' in props.paste) takeAll()
  else void asked(pasted.value).then((items) => items && takeAll(items))
}
</script>

<template>
  <div>
    <ul ref="list" class="items">
      <li
        v-for="(item, i) in items"
        :key="id(item) ?? i"
        :data-at="`${at}/${id(item) ?? i}`"
        class="opens"
        tabindex="-1"
        @focusin="openLine"
        @keydown.enter="enter($event, i)"
        @paste="onPaste($event, i)"
      >
        <button
          type="button"
          class="grip not-on-paper"
          :aria-label="`Move ${one} ${i + 1}, with the arrow keys`"
          @keydown="onKey($event, i)"
        >
          <span aria-hidden="true"></span>
        </button>
        <div class="body at-rest"><slot :item="item" :i="i" /></div>
        <TakeOut class="extra" :label="`Remove ${one} ${i + 1}`" :at="`${at}/${id(item) ?? i}`" @out="remove(i)" />
      </li>
    </ul>
    <p class="ways not-on-paper">
      <button type="button" class="act" :data-at="at" @click="insert(items.length)">{{ addLabel }}</button>
      <button v-if="paste" type="button" class="act" :aria-expanded="pasting" @click="openPaste">
        {{ `Paste a list of ${one}s` }}
      </button>
    </p>
    <form v-if="paste && pasting" class="paste not-on-paper" novalidate @submit.prevent="takePasted">
      <label :for="area" class="small">One {{ one }} a line, such as “{{ paste.such }}”</label>
      <Textarea :id="area" v-model="pasted" rows="4" fluid />
      <InlineCheck v-if="items.length > 0" v-model="instead" label="in place of what is there" />
      <Button type="submit" label="Add them" size="small" :disabled="pasted.trim() === ''" />
    </form>
  </div>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: var(--space-3);
  align-items: start;
  line-height: 1.7;
}
.body {
  min-width: 0;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
}
.paste {
  display: grid;
  gap: var(--space-3);
  justify-items: start;
  padding: var(--space-3) 0 var(--space-3);
}
@media print {
  li {
    display: block;
  }
}
</style>
