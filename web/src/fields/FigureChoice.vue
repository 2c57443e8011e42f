<script setup lang="ts">
import Select from 'primevue/select'
import { computed, ref, useId } from 'vue'
import type { Fact } from '@/api/names'
import { useSnags } from '@/shared/snags'
import ExpressionField from './ExpressionField.vue'
import FieldNote from './FieldNote.vue'
import { useWriting } from './writing'

/** A figure, chosen by its name from a list in groups that can be searched; or a calculation over figures. */
const props = defineProps<{
  label: string
  at: string
  /** Whether a calculation can be written instead. */
  plain?: boolean
}>()
const value = defineModel<string>({ required: true })
const { checkup } = useWriting()
const snags = useSnags()
const note = useId()

interface Group {
  name: string
  items: readonly Pick<Fact, 'id' | 'name'>[]
}
const calculation = 'a calculation'
const facts = computed(() => checkup.value?.facts ?? [])
const groups = computed((): Group[] => [
  ...[...new Set(facts.value.map((f) => f.group))].map((name) => ({
    name,
    items: facts.value.filter((f) => f.group === name),
  })),
  ...(props.plain ? [] : [{ name: 'Something else', items: [{ id: calculation, name: 'a calculation…' }] }]),
])
const isFact = computed(() => facts.value.some((f) => f.id === value.value))
/** Once chosen, a calculation stays one while it is typed, whatever it looks like on the way. */
const writing = ref(false)
const calculates = computed(
  () => !props.plain && (writing.value || (value.value !== '' && !isFact.value && facts.value.length > 0)),
)
const chosen = computed({
  get: () => (isFact.value ? value.value : null),
  set: (id) => {
    writing.value = id === calculation
    if (id !== null && id !== calculation) value.value = id
  },
})
function backToList() {
  writing.value = false
  if (!isFact.value) value.value = facts.value[0]?.id ?? ''
}
const wrong = computed(() => snags.at(props.at))
</script>

<template>
  <span v-if="calculates">
    <ExpressionField v-model="value" :label="label" :at="at" />
    <button type="button" class="act" :aria-label="`${label}: from the list`" @click="backToList">from the list</button>
  </span>
  <span v-else>
    <Select
      v-model="chosen"
      :options="groups"
      option-group-label="name"
      option-group-children="items"
      option-label="name"
      option-value="id"
      filter
      auto-filter-focus
      filter-placeholder="Find a figure"
      empty-filter-message="No matches."
      size="small"
      class="in-sentence"
      :aria-label="label"
      :pt="{ label: { 'data-at': at }, listContainer: { tabindex: 0 } }"
      placeholder="choose"
      :invalid="wrong !== undefined"
      :aria-describedby="wrong ? note : undefined"
    />
    <FieldNote :id="note" :problem="wrong" />
  </span>
</template>
