<script setup lang="ts">
import AutoComplete from 'primevue/autocomplete'
import { computed, ref, useId } from 'vue'
import { useSnags } from '@/shared/snags'
import FieldNote from './FieldNote.vue'
import { nameAtEnd, withIds, withNames } from './expression'
import { useTyped } from './useTyped'
import { useWriting } from './writing'

/** A calculation over figures. Figures are named as they are called; what is typed is completed from the list. */
const props = defineProps<{ label: string; at: string }>()
const expression = defineModel<string>({ required: true })
const { checkup } = useWriting()
const snags = useSnags()
const note = useId()
const facts = computed(() => checkup.value?.facts ?? [])
const { text, type, problem } = useTyped<string>({
  place: () => props.at,
  value: expression,
  write: (kept) => withNames(kept, facts.value),
  read: (typed) => {
    const meant = withIds(typed, facts.value)
    return 'unknown' in meant
      ? {
          problem: {
            what: `There is no figure called “${meant.unknown}”.`,
            remedy: 'Choose a name from the list while you type.',
          },
        }
      : { value: meant.expression }
  },
})
const wrong = computed(() => problem.value ?? snags.at(props.at))

const offered = ref<{ label: string; text: string }[]>([])
function complete(typed: string) {
  const name = nameAtEnd(typed)
  const wanted = name?.typed.trim().toLowerCase() ?? ''
  offered.value = facts.value
    .filter((f) => f.name.toLowerCase().includes(wanted))
    .slice(0, 40)
    .map((f) => ({
      label: `${f.name} (${f.group})`,
      text: `${typed.slice(0, name?.from ?? typed.length)}“${f.name}” `,
    }))
}
</script>

<template>
  <span class="expression">
    <AutoComplete
      :model-value="text"
      :suggestions="offered"
      option-label="label"
      :delay="100"
      :min-length="1"
      size="small"
      :pt="{ pcInputText: { root: { 'data-at': at } }, listContainer: { tabindex: 0 } }"
      :aria-label="label"
      :invalid="wrong !== undefined"
      :aria-describedby="wrong ? note : undefined"
      @complete="complete($event.query)"
      @update:model-value="(now: string | { text: string }) => type(typeof now === 'string' ? now : now.text)"
    />
    <FieldNote :id="note" :problem="wrong" />
  </span>
</template>

<style scoped>
.expression :deep(input) {
  min-width: 14rem;
  field-sizing: content;
  max-width: 100%;
}
</style>
