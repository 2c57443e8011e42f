<script setup lang="ts">
import Button from 'primevue/button'
import Column from 'primevue/column'
import DataTable from 'primevue/datatable'
import InputText from 'primevue/inputtext'
import { ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { CupboardItem, OtherName, Refusal } from '@/api/names'
import { vTyped } from '@/fields/vTyped'
import ConflictNote from '@/shared/ConflictNote.vue'
import { done, notDone } from '@/shared/useDone'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useRefusal } from '@/fields/useRefusal'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import TableFile from '@/shared/TableFile.vue'
import { useLoad } from '@/shared/useLoad'
import { useMeanwhile } from '@/shared/useMeanwhile'
import RowMenu, { type RowAction } from '@/shared/RowMenu.vue'
import JoinDialog from './JoinDialog.vue'
import ShoppingTable from './ShoppingTable.vue'
import { singly } from '@/shared/singly'

/** What there is, kept over the year, and what to buy for everything that is planned. */
const cupboard = useLoad(() => ask(api.GET('/api/cupboard')))
const until = ref('all')
const shopping = useLoad(() =>
  ask(api.GET('/api/shopping', { params: { query: { until: until.value === 'all' ? undefined : until.value } } })),
)
watch(until, () => void shopping.load())
const load = () => Promise.all([cupboard.load(), shopping.load()])
void load()
const fresh = ref({ name: '', unit: '', amount: '' })
/** Why the thing at the foot of the list was not added, and why a table was not imported. */
const refusal = useRefusal(() => fresh.value)
const notImported = ref<Refusal>()
const shown = (n: number) => String(Math.round(n * 100) / 100)

const { meanwhile, cameSecond, letGo } = useMeanwhile(load)
/** How much there is of something as this page shows it: what another window changed since is not overwritten. */
const seen = (name: string, unit: string | null) =>
  cupboard.data.value?.find((i) => i.name === name && i.unit === (unit ?? ''))?.amount ?? 0
async function put(name: string, unit: string | null, typed: string, again: () => unknown) {
  const body = { name, unit, typed, was: seen(name, unit) }
  const answer = await ask(api.PUT('/api/cupboard', { body }))
  if (await cameSecond(answer, again)) return undefined
  if (answer.ok) await load()
  return answer
}
async function change(name: string, unit: string, typed: string) {
  const answer = await put(name, unit, typed, () => change(name, unit, typed))
  if (answer) notDone(answer)
}
async function add() {
  const { name, unit, amount } = fresh.value
  const answer = await put(name, unit.trim() || null, amount, add)
  if (!answer) return
  refusal.value = refusalOf(answer, 'What you typed is still here. Try again.')
  if (answer.ok) fresh.value = { name: '', unit: '', amount: '' }
}
/** Says whether there is always enough of a thing, and what else it is called. */
async function describe(name: string, unit: string, alwaysThere: boolean, otherNames: readonly OtherName[]) {
  await done(api.PUT('/api/cupboard/about', { body: { name, unit, alwaysThere, otherNames: [...otherNames] } }))
  await load()
}
const here = (name: string, unit: string) => cupboard.data.value?.find((i) => i.name === name && i.unit === unit)
const always = (name: string, unit: string) => void describe(name, unit, true, here(name, unit)?.otherNames ?? [])
const joining = ref<{ name: string; unit: string; similar?: CupboardItem }>()
function join(item: CupboardItem, each: number) {
  const { name, unit } = joining.value ?? { name: '', unit: '' }
  void describe(item.name, item.unit, item.alwaysThere, [...(item.otherNames ?? []), { name, unit, each }])
}
const said = (o: OtherName) => (o.unit ? `${o.unit} of ${o.name}` : o.name)
const menuOf = (i: CupboardItem): readonly RowAction[] => [
  { label: 'None left', act: () => void change(i.name, i.unit, '0') },
  {
    label: i.alwaysThere ? 'Buy it again when it is short' : 'Always there: do not buy',
    act: () => void describe(i.name, i.unit, !i.alwaysThere, i.otherNames ?? []),
  },
  ...(i.otherNames ?? []).map((o) => ({
    label: `Not the same as “${said(o)}”`,
    act: () => void describe(i.name, i.unit, i.alwaysThere, i.otherNames?.filter((other) => other !== o) ?? []),
  })),
]
async function take(text: string) {
  const answer = await ask(api.PUT('/api/cupboard/file', { body: { text } }))
  notImported.value = refusalOf(answer)
  await load()
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead
      title="Cupboard"
      word="cupboard"
      next="List what you have. Every brief and rally checks its kit against it."
    >
      <TableFile label="Import a table (CSV)" @text="take" />
      <Button as="a" href="/api/cupboard/file" download label="Download as a table" variant="outlined" />
    </StationHead>
    <div v-if="notImported" class="wrong" role="alert">
      <p v-if="notImported.problems.length !== 1">
        {{ notImported.title }} {{ notImported.problems.length === 0 ? notImported.detail : '' }}
      </p>
      <ul>
        <li v-for="p in notImported.problems" :key="p.at + p.what">{{ p.what }} {{ p.remedy }}</li>
      </ul>
    </div>
    <ConflictNote :of="meanwhile" @theirs="letGo" />
    <JoinDialog v-model="joining" :cupboard="cupboard.data.value ?? []" @join="join" />
    <LoadNote
      v-if="!cupboard.data.value"
      :state="cupboard.state.value"
      :refusal="cupboard.refusal.value"
      what="the cupboard"
      @again="cupboard.load"
    />
    <div v-else class="two">
      <section aria-labelledby="there">
        <h2 id="there">In the cupboard</h2>
        <p v-if="cupboard.data.value.length === 0" class="muted">
          Nothing is listed yet. Start with what you use most, such as tape.
        </p>
        <DataTable v-else :value="[...cupboard.data.value]" removable-sort>
          <Column field="name" header="Material" sortable :pt="{ bodyCell: { role: 'rowheader' } }">
            <template #body="{ data: item }">
              {{ item.name }}{{ item.unit ? ` (${item.unit})` : '' }}
              <span v-if="item.alwaysThere" class="small muted">always there</span>
              <span v-if="item.otherNames" class="small muted">also: {{ item.otherNames.map(said).join(', ') }}</span>
            </template>
          </Column>
          <!-- Once, as in the list of students. -->
          <Column v-once field="amount" header="Amount" sortable class="number">
            <template #body="{ data: item }">
              <input
                v-typed="shown(item.amount)"
                class="inline"
                :aria-label="`How much there is of ${item.name}`"
                @change="change(item.name, item.unit, ($event.target as HTMLInputElement).value)"
              />
            </template>
          </Column>
          <Column v-once class="end" :pt="{ headerCell: { 'aria-label': 'More' } }">
            <template #body="{ data: item }"><RowMenu :of="item.name" :actions="menuOf(item)" /></template>
          </Column>
        </DataTable>
        <form novalidate @submit.prevent="singly(add)">
          <InputText v-model="fresh.amount" class="amount" aria-label="Amount" placeholder="12, 2 m" />
          <InputText v-model="fresh.unit" class="unit" aria-label="Unit" placeholder="pieces" />
          <InputText v-model="fresh.name" class="name" aria-label="Material" placeholder="corks" />
          <Button type="submit" label="Add" />
        </form>
        <RefusalNote :refusal="refusal" />
        <p class="small muted">Rolls, plus what is loose: 3 rolls of 50 + 12.</p>
      </section>
      <section aria-labelledby="buy">
        <h2 id="buy">To buy</h2>
        <ShoppingTable
          v-if="shopping.data.value"
          v-model:until="until"
          :shopping="shopping.data.value"
          @always="always"
          @join="(name, unit, similar) => (joining = { name, unit, similar })"
        />
      </section>
    </div>
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  gap: var(--space-8);
}
:deep(td) input,
.amount {
  width: 5rem;
  field-sizing: fixed;
  text-align: right;
}
:deep(.end) {
  text-align: right;
  white-space: nowrap;
}
.unit {
  width: 6rem;
}
.name {
  flex: 1 1 8rem;
  min-width: 0;
}
form {
  padding-top: var(--space-4);
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
