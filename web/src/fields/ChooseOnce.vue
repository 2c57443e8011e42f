<script setup lang="ts" generic="T extends string | number">
import Select from 'primevue/select'
import { computed, nextTick, ref } from 'vue'

interface Item {
  name: string
  value: T
}
/**
 * A list of what can be done or added: what is chosen happens once it is confirmed, not while the list is gone through
 * by keys, and then the list is as it was. In groups it can be searched.
 */
const props = defineProps<{
  label: string
  /** What stands there before anything is chosen. */
  prompt: string
  options?: readonly Item[]
  groups?: readonly { name: string; items: readonly Item[] }[]
}>()
const emit = defineEmits<{ choose: [value: T] }>()
const list = computed(() => [...(props.groups ?? props.options ?? [])])
const chosen = ref<T>()
async function take(value: T | undefined) {
  if (value === undefined || value === null) return
  chosen.value = value
  emit('choose', value)
  await nextTick()
  chosen.value = undefined
}
</script>

<template>
  <Select
    :model-value="chosen"
    :options="list"
    :option-group-label="props.groups && 'name'"
    :option-group-children="props.groups && 'items'"
    :filter="props.groups !== undefined"
    auto-filter-focus
    filter-placeholder="Search by name"
    empty-filter-message="No matches."
    option-label="name"
    option-value="value"
    :placeholder="prompt"
    :aria-label="label"
    size="small"
    class="in-sentence"
    :pt="{ listContainer: { tabindex: 0 } }"
    @update:model-value="take"
  />
</template>
