<script setup lang="ts">
import Dialog from 'primevue/dialog'
import ToggleSwitch from 'primevue/toggleswitch'
import { useRoute } from 'vue-router'
import { singleKeys } from './singleKeys'

/** The keys of the screen that is open. */
const open = defineModel<boolean>('open', { required: true })
const route = useRoute()
const everywhere = [
  ['?', 'Show these keys; also Alt + ?'],
  ['Tab', 'Go to the next field or button'],
] as const
const byStation: Record<string, readonly (readonly [string, string])[]> = {
  writing: [
    ['Ctrl + Z', 'Undo the last step, anywhere in the brief'],
    ['Ctrl + Shift + Z', 'Do it again'],
    ['↑ or ↓ on a grip', 'Move a line up or down'],
    ['← or →  on the margin', 'Next or previous panel'],
  ],
  score: [
    ['Enter', 'Go to the next reading; from the last one, record'],
    ['Page ↓ or Page ↑', 'Next or previous team'],
    ['Alt + 1 to 9', 'A team by its place in the order'],
    ['Alt + M', 'All must-haves of this attempt met'],
    ['Alt + F', 'Failed, with the reason'],
    ['Alt + V', 'Doesn’t count, with the reason'],
    ['Alt + W', 'Decide later'],
    ['Alt + L', 'At least'],
    ['Alt + P', 'For score, practice, control or to beat'],
    ['Alt + S', 'Start or stop the watch'],
    ['Alt + H', 'Let go, it fell, or it held'],
    ['Alt + I', 'Use the reading of an instrument'],
    ['Alt + U', 'Undo what was done last'],
    ['1 to 9 on an item', 'Put it in that bin'],
    ['↑ or ↓ on a grip', 'Move an item up or down'],
  ],
  together: [
    ['S', 'Start all lanes'],
    ['1 to 9', 'A leg of that lane is in'],
    ['Alt + 1 to 9', 'Wrong touch: undo it'],
  ],
  wall: [
    ['C or B', 'Show the clock or the board'],
    ['→ or Space', 'Reveal the next team'],
    ['←', 'Hide the last team again'],
    ['Home or End', 'Hide all or reveal all'],
    ['F', 'Full screen'],
  ],
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    header="Keys on this screen"
    :pt="{ content: { tabindex: 0 } }"
    :style="{ width: '26rem' }"
    dismissable-mask
  >
    <dl>
      <template v-for="[key, does] in [...(byStation[route.meta.station ?? ''] ?? []), ...everywhere]" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ does }}</dd>
      </template>
    </dl>
    <label class="switch"><ToggleSwitch v-model="singleKeys" /> Keys without Alt or Ctrl work on this device</label>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-3) var(--space-5);
  margin: 0;
}
dd {
  margin: 0;
}
.switch {
  display: flex;
  align-items: center;
  gap: var(--space-4);
  margin-top: var(--space-5);
}
kbd {
  font: 650 var(--size-small) var(--text);
  border: 1.5px solid var(--ink);
  border-radius: 2px;
  padding: var(--space-1) var(--space-3);
}
</style>
