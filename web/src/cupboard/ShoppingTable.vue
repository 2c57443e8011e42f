<script setup lang="ts">
import Column from 'primevue/column'
import DataTable from 'primevue/datatable'
import { computed } from 'vue'
import type { Shopping } from '@/api/names'

/** What is short for all rallies that are planned, with what it is for. */
const props = defineProps<{ shopping: Shopping }>()
const lines = computed(() => props.shopping.lines)
const short = computed(() => lines.value.filter((l) => l.buying.short > 0))
const shown = (n: number) => String(Math.round(n * 100) / 100)
const costs = computed(() => props.shopping.costs.map((c) => `${shown(c.amount)} ${c.money}`))
</script>

<template>
  <p v-if="lines.length === 0" class="muted">
    Nothing is planned. Plan a brief, or begin a rally from it, and what it needs is added up here.
  </p>
  <p v-else-if="short.length === 0">You have everything that is planned for.</p>
  <template v-else>
    <div class="scroll" role="region" aria-label="To buy" tabindex="0">
      <DataTable :value="short" removable-sort>
        <Column field="name" header="Material" sortable :pt="{ bodyCell: { role: 'rowheader' } }">
          <template #body="{ data: l }">{{ l.name }}{{ l.unit ? ` (${l.unit})` : '' }}</template>
        </Column>
        <Column header="Needed" class="number">
          <template #body="{ data: l }">{{ shown(l.needed) }}</template>
        </Column>
        <Column header="There" class="number">
          <template #body="{ data: l }">{{ shown(l.inCupboard) }}</template>
        </Column>
        <Column header="To buy" class="number">
          <template #body="{ data: l }">{{
            typeof l.buying.packs === 'number'
              ? `${l.buying.packs} ${l.buying.packs === 1 ? 'pack' : 'packs'}`
              : shown(l.buying.short)
          }}</template>
        </Column>
        <Column field="buying.cost" header="Cost" sortable class="number">
          <template #body="{ data: l }">{{
            typeof l.buying.cost === 'number' ? `${shown(l.buying.cost)} ${l.money}` : ''
          }}</template>
        </Column>
        <Column header="For" class="small">
          <template #body="{ data: l }">{{ l.for.join(', ') }}</template>
        </Column>
      </DataTable>
    </div>
    <p class="sum">
      <b v-if="costs.length > 0">{{ costs.join(' and ') }} in all.</b>
      <a class="small" href="/api/shopping/file" download>Shopping list as a table</a>
    </p>
  </template>
</template>

<style scoped>
.sum {
  display: flex;
  justify-content: space-between;
  padding-top: var(--space-4);
}
</style>
