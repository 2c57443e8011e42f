<script setup lang="ts" generic="T">
import { computed, useTemplateRef } from 'vue'
import { useOrder } from '../../../shared/useOrder'

/**
 * A list whose items are edited where they stand, put in order by dragging or with the arrow keys, added and taken out.
 * Items with an id are known by it, the others by their place.
 */
const props = defineProps<{
  items: T[]
  /** What one of them is, for labels. */
  one: string
  at: string
  fresh: () => T
  add?: string
}>()
const list = useTemplateRef<HTMLElement>('list')
const move = (from: number, to: number) => {
  const [item] = props.items.splice(from, 1)
  if (item !== undefined) props.items.splice(to, 0, item)
}
const { onKey } = useOrder(list, move, () => props.items.length)
const id = (item: T) => (item as { id?: string }).id
const addLabel = computed(() => props.add ?? `Add a ${props.one}`)
</script>

<template>
  <div>
    <ul ref="list" class="items">
      <li v-for="(item, i) in items" :key="id(item) ?? i" :data-at="`${at}/${id(item) ?? i}`" tabindex="-1">
        <button
          type="button"
          class="grip not-on-paper"
          :aria-label="`Move ${one} ${i + 1}, with the arrow keys`"
          @keydown="onKey($event, i)"
        >
          <span aria-hidden="true"></span>
        </button>
        <div class="body"><slot :item="item" :i="i" /></div>
        <button
          type="button"
          class="act not-on-paper"
          :aria-label="`Take out ${one} ${i + 1}`"
          @click="items.splice(i, 1)"
        >
          Take out
        </button>
      </li>
    </ul>
    <button type="button" class="act not-on-paper" :data-at="at" @click="items.push(fresh())">{{ addLabel }}</button>
  </div>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 0.4rem;
  align-items: start;
  line-height: 1.7;
}
.body {
  min-width: 0;
}
@media print {
  li {
    display: block;
  }
}
</style>
