<script setup lang="ts">
import Column from 'primevue/column'
import DataTable from 'primevue/datatable'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, ref } from 'vue'
import type { CupboardItem, Shopping } from '@/api/names'
import { shortDay } from '@/shared/days'
import RowMenu from '@/shared/RowMenu.vue'
import ShoppingByRally from './ShoppingByRally.vue'

/** What is short for all rallies that are planned: as one list with the day it is first needed, or rally by rally. */
const until = defineModel<string>('until', { required: true })
const props = defineProps<{ shopping: Shopping }>()
const emit = defineEmits<{
  always: [name: string, unit: string]
  join: [name: string, unit: string, similar?: CupboardItem]
}>()
const spans = computed(() => props.shopping.spans.map((s) => ({ label: s.name, value: s.until ?? 'all' })))
const byRally = ref(false)
const lines = computed(() => props.shopping.lines)
const short = computed(() => lines.value.filter((l) => l.buying.short > 0))
const shown = (n: number) => String(Math.round(n * 100) / 100)
const costs = computed(() => props.shopping.costs.map((c) => `${shown(c.amount)} ${c.money}`))
const names = (l: Shopping['lines'][number]) => [...new Set(l.for.map((f) => f.name))].join(', ')
</script>

<template>
  <p class="choices">
    <Select v-model="until" :options="spans" option-label="label" option-value="value" aria-label="Buy for" />
    <label class="way"><ToggleSwitch v-model="byRally" /> By rally</label>
  </p>
  <p v-if="lines.length === 0" class="muted">
    Nothing is planned for that time. Plan a brief, or begin a rally from it, and what it needs is added up here.
  </p>
  <p v-else-if="short.length === 0">You have everything that is planned for.</p>
  <ShoppingByRally v-else-if="byRally" :lines="short" />
  <template v-else>
    <div class="scroll" role="region" aria-label="To buy" tabindex="0">
      <DataTable :value="short" removable-sort>
        <Column v-once field="name" header="Material" sortable :pt="{ bodyCell: { role: 'rowheader' } }">
          <template #body="{ data: l }"
            >{{ l.name }}{{ l.unit ? ` (${l.unit})` : '' }}
            <button v-if="l.similar" type="button" class="act same" @click="emit('join', l.name, l.unit, l.similar)">
              The same as “{{ l.similar.name }}” in the cupboard?
            </button>
          </template>
        </Column>
        <Column header="Needed" class="number">
          <template #body="{ data: l }">{{ shown(l.needed) }}</template>
        </Column>
        <Column header="On hand" class="number">
          <template #body="{ data: l }">{{ shown(l.inCupboard) }}</template>
        </Column>
        <Column header="To buy" class="number">
          <template #body="{ data: l }">{{
            typeof l.buying.packs === 'number'
              ? `${l.buying.packs} ${l.buying.packs === 1 ? 'pack' : 'packs'}`
              : shown(l.buying.short)
          }}</template>
        </Column>
        <Column field="shortOn" header="Buy by" sortable class="day">
          <template #body="{ data: l }">{{ l.shortOn ? shortDay(l.shortOn) : '' }}</template>
        </Column>
        <Column field="buying.cost" header="Cost" sortable class="number">
          <template #body="{ data: l }">{{
            typeof l.buying.cost === 'number' ? `${shown(l.buying.cost)} ${l.money}` : ''
          }}</template>
        </Column>
        <Column header="For" class="small">
          <template #body="{ data: l }">{{ names(l) }}</template>
        </Column>
        <!-- Once, as in the list of students. -->
        <Column v-once :pt="{ headerCell: { 'aria-label': 'More' } }">
          <template #body="{ data: l }">
            <RowMenu
              :of="l.name"
              :actions="[
                { label: 'Always there: do not buy', act: () => emit('always', l.name, l.unit) },
                { label: 'Same as something in the cupboard…', act: () => emit('join', l.name, l.unit) },
              ]"
            />
          </template>
        </Column>
      </DataTable>
    </div>
    <p class="sum">
      <b v-if="costs.length > 0">{{ costs.join(' and ') }} in all.</b>
      <a class="small" :href="`/api/shopping/file${until === 'all' ? '' : `?until=${until}`}`" download
        >Shopping list as a table</a
      >
    </p>
  </template>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
  padding: var(--space-3) 0 var(--space-4);
}
.way {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  min-height: 44px;
}
:deep(.day) {
  white-space: nowrap;
}
.same {
  display: block;
  text-align: left;
  font-weight: 400;
}
.sum {
  display: flex;
  justify-content: space-between;
  padding-top: var(--space-4);
}
</style>
