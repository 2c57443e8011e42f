<script setup lang="ts">
import { computed } from 'vue'
import { useWriting } from './writing'
import InlineChoice from './InlineChoice.vue'

/**
 * For whom something holds: for all, or for those who have a card that is dealt. Where nothing is dealt it is not
 * asked, and what leads to it in the sentence is not said.
 */
const only = defineModel<string>({ required: true })
const props = defineProps<{ label: string; at: string; all: string }>()
const { brief } = useWriting()
const cards = computed(() =>
  (brief.value?.deals ?? []).flatMap((d) => d.cards.map((c) => [c.id, `those with “${c.name || 'a card'}”`] as const)),
)
/** One team's name, from before there were cards, stays where it stands. */
const options = computed(() => [
  ['', props.all] as const,
  ...cards.value,
  ...(only.value && !cards.value.some(([id]) => id === only.value) ? [[only.value, only.value] as const] : []),
])
</script>

<template>
  <template v-if="options.length > 1">
    <slot /> <InlineChoice v-model="only" :label="label" :at="at" :options="options" />
  </template>
</template>
