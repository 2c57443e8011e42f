<script setup lang="ts">
import { onClickOutside, useEventListener } from '@vueuse/core'
import { ref, useId, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useSignOut } from '@/access/useSignOut'
import { isAt, type PlaceLink } from './places'

/**
 * Places that are folded away under one button, with the way out below. It opens by touch, Enter or Space, and closes
 * by Escape, by a touch beside it, and when one of its places is gone to.
 */
defineProps<{ label: string; places: readonly PlaceLink[] }>()
const route = useRoute()
const { signOut, canSignOut } = useSignOut()
const id = useId()
const open = ref(false)
const box = useTemplateRef('box')
const button = useTemplateRef('button')
onClickOutside(box, () => (open.value = false))
watch(
  () => route.path,
  () => (open.value = false),
)
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key !== 'Escape' || !open.value) return
  open.value = false
  button.value?.focus()
})
/** Whoever goes on by Tab has left it. */
function left(event: FocusEvent) {
  const to = event.relatedTarget
  if (to instanceof Node && !box.value?.contains(to)) open.value = false
}
</script>

<template>
  <div ref="box" class="box" @focusout="left">
    <button ref="button" type="button" :aria-expanded="open" :aria-controls="id" @click="open = !open">
      {{ label }}
      <svg viewBox="0 0 12 8" width="12" height="8" aria-hidden="true"><path d="M1 1.5l5 5 5-5" /></svg>
    </button>
    <nav v-show="open" :id="id" class="list" :aria-label="label">
      <ul>
        <li v-for="p in places" :key="p.to">
          <RouterLink :to="p.to" :aria-current="isAt(route.path, p.to) ? 'page' : undefined">{{ p.name }}</RouterLink>
        </li>
        <li v-if="canSignOut"><button type="button" @click="signOut">Sign out</button></li>
      </ul>
    </nav>
  </div>
</template>

<style scoped>
.box {
  position: relative;
  display: grid;
  align-items: center;
}
.box > button {
  display: inline-flex;
  align-items: center;
  gap: var(--space-3);
  height: 100%;
  min-height: 44px;
  padding: 0 var(--space-2);
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  cursor: pointer;
}
.box > button:hover {
  box-shadow: inset 0 -3px 0 var(--line);
}
path {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
}
.list {
  position: absolute;
  z-index: 15;
  top: calc(100% + 1px);
  right: calc(var(--margin) * -0.5);
  min-width: 14rem;
  padding: var(--space-2) 0;
  background: var(--sheet);
  border: 1.5px solid var(--ink);
}
.list a,
.list button {
  display: flex;
  align-items: center;
  width: 100%;
  min-height: 44px;
  padding: 0 var(--space-5);
  font: inherit;
  color: var(--ink);
  text-decoration: none;
  background: none;
  border: 0;
  cursor: pointer;
}
.list a:hover,
.list button:hover {
  background: var(--lagoon-wash);
}
.list a[aria-current='page'] {
  font-weight: 700;
  box-shadow: inset 4px 0 0 var(--marigold);
}
</style>
