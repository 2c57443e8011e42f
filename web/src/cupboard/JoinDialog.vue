<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import type { CupboardItem } from '@/api/names'
import { numberIn } from '@/shared/numbers'
import { singly } from '@/shared/singly'

/** Says that something a brief needs is the same as something in the cupboard, and how much of it one is. */
const asked = defineModel<{ name: string; unit: string; similar?: CupboardItem }>()
const props = defineProps<{ cupboard: readonly CupboardItem[] }>()
const emit = defineEmits<{ join: [item: CupboardItem, each: number] }>()
const item = ref<CupboardItem>()
const each = ref('1')
watch(asked, (what) => {
  item.value = props.cupboard.find((i) => i.name === what?.similar?.name && i.unit === what.similar.unit)
  each.value = '1'
})
const choices = computed(() =>
  props.cupboard.map((i) => ({ label: i.unit ? `${i.name} (${i.unit})` : i.name, value: i })),
)
const number = computed(() => numberIn(each.value) ?? 0)
function join() {
  if (!item.value || !(number.value > 0)) return
  emit('join', item.value, number.value)
  asked.value = undefined
}
</script>

<template>
  <Dialog
    :visible="!!asked"
    modal
    :header="`Match “${asked?.name}” to the cupboard`"
    :style="{ width: '30rem' }"
    @update:visible="asked = undefined"
  >
    <form class="stack" novalidate @submit.prevent="singly(join)">
      <p>It is the same as</p>
      <Select
        v-model="item"
        aria-label="It is the same as"
        :options="choices"
        option-label="label"
        option-value="value"
        placeholder="Choose from the cupboard"
      />
      <p v-if="item" class="line">
        {{ asked?.unit ? `1 ${asked.unit} of ${asked.name}` : `One of “${asked?.name}”` }} counts as
        <input v-model="each" class="inline number" inputmode="decimal" aria-label="How much one is" />
        {{ item.unit ? `${item.unit} of ${item.name}` : `of “${item.name}”` }}.
      </p>
      <p v-if="item && !(number > 0)" class="wrong small" role="alert">Write a number above 0.</p>
      <p class="small muted">This is remembered, and holds in every brief and rally.</p>
      <p class="ways">
        <Button type="submit" label="Save" :disabled="!item" />
        <Button type="button" label="Cancel" variant="outlined" @click="asked = undefined" />
      </p>
    </form>
  </Dialog>
</template>

<style scoped>
.number {
  width: 4.5rem;
  field-sizing: fixed;
}
.ways {
  display: flex;
  gap: var(--space-4);
}
</style>
