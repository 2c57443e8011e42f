<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import Dialog from 'primevue/dialog'
import { ref } from 'vue'
import { useRoute } from 'vue-router'
import { isTyping } from './isTyping'

/** The keys of the screen that is open, on `?`. */
const open = ref(false)
const route = useRoute()
const everywhere = [
  ['?', 'Show these keys'],
  ['Tab', 'Go to the next field or button'],
] as const
const here: Record<string, readonly (readonly [string, string])[]> = {
  writing: [
    ['Ctrl + Z', 'Undo the last step, anywhere in the brief'],
    ['Ctrl + Shift + Z', 'Do it again'],
    ['↑ or ↓ on a grip', 'Move a line up or down'],
    ['← or →  on the margin', 'Next or previous panel'],
  ],
  score: [
    ['Enter', 'Record what is typed'],
    ['Page ↓ or Page ↑', 'Next or previous team; also Alt + → or ←'],
    ['Alt + 1 to 9', 'A team by its place in the order'],
    ['Alt + F', 'Failed attempt'],
    ['Alt + V', 'Void, with the reason'],
    ['Alt + W', 'Look at it later'],
    ['Alt + L', 'At least'],
    ['Alt + P', 'For score, practice, control or to beat'],
    ['Alt + S', 'Start or stop the watch'],
    ['Alt + H', 'Let go, it fell, or it held'],
    ['Alt + I', 'Take the reading of an instrument'],
    ['Alt + U', 'Undo the last entry'],
    ['1 to 9 on an item', 'Put it in that bin'],
    ['↑ or ↓ on a grip', 'Move an item up or down'],
  ],
  together: [
    ['S', 'Start all lanes'],
    ['1 to 9', 'A leg of that lane is in'],
    ['Alt + 1 to 9', 'False touch: take it back'],
  ],
  wall: [
    ['C or B', 'Show the clock or the board'],
    ['→ or Space', 'Reveal the next place'],
    ['←', 'Take it back'],
    ['Home or End', 'Hide all or reveal all'],
    ['F', 'Full screen'],
  ],
}
useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (event.key !== '?' || isTyping(event)) return
  event.preventDefault()
  open.value = true
})
</script>

<template>
  <Dialog v-model:visible="open" modal header="Keys on this screen" :style="{ width: '26rem' }" dismissable-mask>
    <dl>
      <template v-for="[key, does] in [...(here[route.meta.station ?? ''] ?? []), ...everywhere]" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ does }}</dd>
      </template>
    </dl>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.5rem 1rem;
  margin: 0;
}
dd {
  margin: 0;
}
kbd {
  font: 650 0.9rem var(--text);
  border: 1.5px solid var(--ink);
  border-radius: 2px;
  padding: 0.1rem 0.4rem;
}
</style>
