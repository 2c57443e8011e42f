<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { CupboardItem, RallyKit } from '@/api/names'
import { useDraft } from '@/shared/useDraft'
import { numberIn } from '@/shared/numbers'

/** What this rally takes out of the cupboard, and what comes back into it. */
const props = defineProps<{ kit: RallyKit }>()
const emit = defineEmits<{ take: []; back: [items: CupboardItem[]] }>()
const shown = (i: CupboardItem) => `${Math.round(i.amount * 100) / 100} ${i.unit ? `${i.unit} of ` : ''}${i.name}`
const { draft: counts } = useDraft(() => props.kit.toBringBack.map((i) => String(Math.round(i.amount * 100) / 100)))
const back = computed(() =>
  props.kit.toBringBack.map((item, i) => ({ ...item, amount: numberIn(counts.value[i] ?? '') ?? 0 })),
)
const wrong = computed(() => back.value.some((i) => !(i.amount >= 0)))
const inCupboard = computed(() => props.kit.list.lines.some((l) => l.inCupboard > 0))
</script>

<template>
  <section aria-labelledby="stock">
    <h2 id="stock">The cupboard</h2>
    <div v-if="kit.notThere.length > 0" class="heed">
      <p>Not in the cupboard when the kit was taken out:</p>
      <ul>
        <li v-for="i in kit.notThere" :key="i.name + i.unit">{{ shown(i) }}</li>
      </ul>
    </div>
    <template v-if="!kit.stock">
      <p class="muted">
        {{
          inCupboard
            ? 'Take the kit out when you get it ready, and the cupboard counts down.'
            : 'Nothing of this kit is in the cupboard.'
        }}
      </p>
      <Button v-if="inCupboard" label="Take it from the cupboard" size="small" @click="emit('take')" />
    </template>
    <template v-else-if="kit.stock.back">
      <p>This kit is back in the cupboard.</p>
      <p class="small muted">
        Back:
        {{
          kit.stock.back
            .filter((i) => i.amount > 0)
            .map(shown)
            .join(', ') || 'nothing'
        }}.
      </p>
    </template>
    <form v-else novalidate @submit.prevent="wrong || emit('back', back)">
      <p class="small muted">Taken: {{ kit.stock.taken.map(shown).join(', ') }}.</p>
      <ul>
        <li v-for="(item, i) in kit.toBringBack" :key="item.name + item.unit">
          <label>
            <span>{{ item.name }}{{ item.unit ? ` (${item.unit})` : '' }}</span>
            <input
              v-model="counts[i]"
              class="inline"
              inputmode="decimal"
              :aria-label="`Back in the cupboard: ${item.name}`"
            />
          </label>
        </li>
      </ul>
      <p v-if="wrong" class="wrong small" role="alert">Write numbers, 0 or more.</p>
      <Button type="submit" label="Put this back" size="small" />
    </form>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: var(--space-3);
  justify-items: start;
  align-content: start;
}
form,
ul {
  width: 100%;
}
label {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: var(--space-5);
  border-bottom: 1px solid var(--line);
  padding: var(--space-2) 0;
}
input {
  width: 5rem;
  field-sizing: fixed;
  text-align: right;
  min-height: 32px;
}
form :deep(button) {
  margin-top: var(--space-3);
}
</style>
