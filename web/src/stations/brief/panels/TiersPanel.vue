<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import Drawer from 'primevue/drawer'
import { api } from '@/api/client'
import type { Brief, EditionSheet, GradeBand, Tier, TierField, TierOffer, TierRow } from '@/api/names'
import ChooseOnce from '@/fields/ChooseOnce.vue'
import DifferenceTable from '@/shared/DifferenceTable.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineNumbers from '@/fields/InlineNumbers.vue'
import InlineText from '@/fields/InlineText.vue'
import { lookUp } from '@/fields/place'
import PrintedSheet from '@/stations/brief/sheet/PrintedSheet.vue'
import { combines, comparisons } from '@/fields/words'
import { useWriting } from '@/fields/writing'
import { done } from '@/shared/useDone'
import WhatIs from '@/shared/WhatIs.vue'
import { copyOf } from '@/shared/copyOf'

/**
 * Only what differs from grade to grade: rows are places, columns are tiers, what is inherited is faint. What usually
 * differs is offered below, and nothing is taken unasked.
 */
const props = defineProps<{ id: string; brief: Brief }>()
const { checkup, choices } = useWriting()
const rows = computed(() => checkup.value?.tiers.rows ?? [])
const others = computed(() => {
  const listed = new Set(rows.value.map((r) => r.field.at))
  return (checkup.value?.tiers.fields ?? []).filter((f) => !listed.has(f.at))
})
/** What can differ, by what it belongs to: all that stands before the first colon. */
const head = (field: TierField) => field.name.split(': ')[0] ?? ''
const groups = computed(() => {
  const under = (name: string) =>
    others.value.filter((f) => head(f) === name).map((f) => ({ name: f.name, value: f.at }))
  const heads = [...new Set(others.value.map(head))].map((name) => ({ name, items: under(name) }))
  return [
    { name: 'The brief', items: heads.flatMap(({ items }) => (items.length === 1 ? items : [])) },
    ...heads.filter(({ items }) => items.length > 1),
  ].filter(({ items }) => items.length > 0)
})
const bands = computed(() => (choices.value?.grades ?? []).filter((g) => g.value !== 'unsaid'))
const addable = computed(() => [...bands.value, { value: 'unsaid' as const, name: 'Another group' }])
const offered = computed(() =>
  props.brief.tiers.flatMap((tier) => {
    const found = checkup.value?.tiers.offers.find((o) => o.tier === tier.id)
    return found ? [{ tier, offers: found.offers }] : []
  }),
)
const laidOver = (own: Tier['overrides'], changes: readonly { at: string; value: unknown }[]) => [
  ...own.filter((o) => changes.every((c) => c.at !== o.at)),
  ...changes.map(({ at, value }) => ({ at, value })),
]
const take = (tier: Tier, offer: TierOffer) => (tier.overrides = laidOver(tier.overrides, offer.changes))
/** What the document's own words are called on screen. */
const names = computed(
  () =>
    new Map<string, string>([
      ...bands.value.map((b) => [b.value, b.name] as const),
      ...(choices.value?.summaries ?? []).map((s) => [s.value, s.name] as const),
      ...combines,
      ...comparisons,
    ]),
)
function shown(value: unknown): string {
  if (value === null || value === undefined) return ''
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return String(value)
  if (typeof value === 'string') return names.value.get(value) ?? value
  return Array.isArray(value) ? value.map(shown).join(', ') : JSON.stringify(value)
}

async function add(grades: GradeBand) {
  const answer = await done(api.POST('/api/drafts/tier', { body: { brief: props.brief, grades } }))
  if (answer.ok) props.brief.tiers.push(answer.data)
}
function set(tier: Tier, field: TierField, value: unknown) {
  const own = tier.overrides.find((o) => o.at === field.at)
  if (own) own.value = value
  else tier.overrides.push({ at: field.at, value })
}
function reset(tier: Tier, field: TierField) {
  const at = tier.overrides.findIndex((o) => o.at === field.at)
  if (at >= 0) tier.overrides.splice(at, 1)
}
const own = (tier: Tier, row: TierRow) => tier.overrides.find((o) => o.at === row.field.at)
const value = (tier: Tier, row: TierRow) => shown(own(tier, row)?.value ?? row.base)
/** Another unit brings along what is said in it: steps, what teams will reach, points. */
async function choose(tier: Tier, field: TierField, word: string) {
  const measure = /^\/measures\/([^/]+)\/unit$/.exec(field.at)?.[1]
  const before = copyOf(props.brief)
  const was = tier.overrides.find((o) => o.at === field.at)?.value
  set(tier, field, field.kind === 'yesNo' ? word === 'yes' : word)
  if (!measure) return
  const answer = await done(
    api.POST('/api/drafts/unit', { body: { brief: before, measure, unit: word, tier: tier.id } }),
  )
  if (answer.ok) tier.overrides = laidOver(tier.overrides, answer.data.changes)
  // Numbers of one unit do not stand under another.
  else if (was === undefined) reset(tier, field)
  else set(tier, field, was)
}
const asList = (value: unknown): unknown[] => (Array.isArray(value) ? value : [])
const areNumbers = (value: unknown) => asList(value).length > 0 && asList(value).every((v) => typeof v === 'number')
const words = (text: string) =>
  text
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean)
const asNumber = (value: unknown) => (typeof value === 'number' ? value : undefined)
const placeOf = (tier: Tier, field: TierField) => `/tiers/${tier.id}/overrides${field.at}`

/** What is to differ, as long as nobody has said in which tier. */
const differing = ref<TierField>()
function differ(at: string) {
  differing.value = others.value.find((f) => f.at === at)
  const [only, ...more] = props.brief.tiers
  if (only && more.length === 0) differIn(only)
}
/** A row is there as soon as one tier has its own value; it begins with what is inherited. */
function differIn(tier: Tier) {
  const field = differing.value
  differing.value = undefined
  if (!field) return
  const now = lookUp(props.brief, field.at)
  // Yes or no can only differ by being the other one.
  const value = field.kind === 'yesNo' ? now !== true : (now ?? (field.kind === 'number' ? 0 : ''))
  tier.overrides.push({ at: field.at, value })
}

const seen = ref<EditionSheet>()
async function show(tier: string) {
  seenTier.value = tier
  const answer = await done(api.POST('/api/drafts/edition', { body: { brief: props.brief, tier } }))
  seen.value = answer.ok ? answer.data : undefined
}
function see(tier: string) {
  if (seen.value && seenTier.value === tier) seen.value = undefined
  else void show(tier)
}
const seenTier = ref('')
/** What is seen follows what is changed, once it is saved. */
watch(checkup, () => void (seen.value && show(seenTier.value)))
</script>

<template>
  <section aria-labelledby="tiers" data-at="/tiers" tabindex="-1">
    <h2 id="tiers">Tiers</h2>
    <WhatIs word="tier" />
    <p v-if="brief.tiers.length === 0" class="muted">
      One challenge for several grades: add a tier, and change only what differs.
    </p>
    <div v-else class="scroll">
      <table>
        <thead>
          <tr>
            <th scope="col">Difference</th>
            <th scope="col">The brief</th>
            <th v-for="(tier, i) in brief.tiers" :key="tier.id" scope="col">
              <InlineText v-model="tier.name" label="Name of the tier" :at="`/tiers/${tier.id}/name`" />
              <span class="ways">
                <RouterLink
                  class="act"
                  :to="`/briefs/${id}/tiers/${tier.id}`"
                  :aria-label="`Edit the sheet for ${tier.name}`"
                  >Edit</RouterLink
                >
                <button type="button" class="act" :aria-label="`View ${tier.name}`" @click="see(tier.id)">View</button>
                <button
                  type="button"
                  class="act"
                  :aria-label="`Remove the tier ${tier.name}`"
                  @click="brief.tiers.splice(i, 1)"
                >
                  Remove
                </button>
              </span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.field.at">
            <th scope="row">{{ row.field.name }}</th>
            <td class="faint">{{ row.says ?? (shown(row.base) || '–') }}</td>
            <td v-for="(tier, i) in brief.tiers" :key="tier.id" :class="{ faint: !own(tier, row) }">
              <template v-if="row.field.kind === 'item'">{{ row.cells[i]?.says }}</template>
              <select
                v-else-if="row.field.kind === 'choice' || row.field.kind === 'yesNo'"
                class="inline"
                :aria-label="`${row.field.name}, ${tier.name}`"
                :value="row.field.kind === 'yesNo' ? value(tier, row) : String(own(tier, row)?.value ?? row.base)"
                @change="choose(tier, row.field, ($event.target as HTMLSelectElement).value)"
              >
                <option v-for="w in row.field.kind === 'yesNo' ? ['yes', 'no'] : row.field.words" :key="w" :value="w">
                  {{ shown(w) }}
                </option>
              </select>
              <InlineNumbers
                v-else-if="row.field.kind === 'list' && areNumbers(row.base)"
                :model-value="asList(own(tier, row)?.value ?? row.base).map(Number)"
                :label="`${row.field.name}, ${tier.name}`"
                :at="placeOf(tier, row.field)"
                @update:model-value="(numbers) => set(tier, row.field, numbers)"
              />
              <InlineText
                v-else-if="row.field.kind === 'list'"
                :model-value="value(tier, row)"
                :model-modifiers="{ lazy: true }"
                :label="`${row.field.name}, ${tier.name}`"
                :at="placeOf(tier, row.field)"
                @update:model-value="(text) => set(tier, row.field, words(text ?? ''))"
              />
              <span v-else-if="Array.isArray(own(tier, row)?.value ?? row.base)">{{ value(tier, row) }}</span>
              <InlineNumber
                v-else-if="row.field.kind === 'number'"
                :model-value="asNumber(own(tier, row)?.value ?? row.base)"
                :label="`${row.field.name}, ${tier.name}`"
                :at="placeOf(tier, row.field)"
                wide
                @update:model-value="
                  (n) => (n === undefined || n === null ? reset(tier, row.field) : set(tier, row.field, n))
                "
              />
              <InlineText
                v-else
                :model-value="value(tier, row)"
                :label="`${row.field.name}, ${tier.name}`"
                :at="placeOf(tier, row.field)"
                @update:model-value="(text) => set(tier, row.field, text ?? '')"
              />
              <button
                v-if="own(tier, row)"
                type="button"
                class="act"
                :aria-label="`Reset ${row.field.name}, ${tier.name}`"
                @click="reset(tier, row.field)"
              >
                Reset
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="adding">
      <ChooseOnce label="Add a tier" prompt="Add a tier…" :options="addable" @choose="add" />
      <ChooseOnce
        v-if="brief.tiers.length > 0"
        label="Add a difference"
        prompt="Add a difference…"
        :groups="groups"
        @choose="differ"
      />
    </p>
    <p v-if="differing" class="adding" role="group" :aria-label="`${differing.name} differs in`">
      {{ differing.name }} differs in
      <button v-for="tier in brief.tiers" :key="tier.id" type="button" class="fix" @click="differIn(tier)">
        {{ tier.name }}
      </button>
    </p>
    <section
      v-for="{ tier, offers } in offered"
      :key="tier.id"
      class="offers"
      :aria-label="`Often different: ${tier.name}`"
    >
      <h3>Often different for {{ tier.name }}</h3>
      <label v-for="offer in offers" :key="offer.what" class="offer">
        <input type="checkbox" @change="take(tier, offer)" />
        <span>
          {{ offer.what }}<br />
          <span class="small muted">{{ offer.why }}</span>
        </span>
      </label>
    </section>
    <Drawer
      :visible="seen !== undefined"
      :style="{ width: `min(${brief.tiers.length > 1 ? 23 : 34}rem, 92vw)` }"
      :header="seen ? `The sheet of ${seen.tier}` : ''"
      position="left"
      :modal="false"
      :dismissable="false"
      :close-button-props="{ 'aria-label': 'Close the sheet' }"
      @update:visible="seen = undefined"
    >
      <template v-if="seen">
        <DifferenceTable :differences="seen.differences" before="The brief" :after="seen.tier" />
        <PrintedSheet class="seen" :brief="seen.brief" :sheet="seen.sheet" :tier="seen.tier" />
      </template>
    </Drawer>
  </section>
</template>

<style scoped>
table {
  font-size: var(--size-small);
  width: 100%;
  table-layout: fixed;
  min-width: 30rem;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: var(--space-2) var(--space-3) var(--space-2) 0;
  border-bottom: 1px solid var(--line);
}
thead th {
  font-family: var(--title);
}
thead th:first-child,
tbody th {
  position: sticky;
  left: 0;
  background: var(--paper);
}
tbody th {
  font-weight: 400;
  color: var(--muted);
  min-width: 7rem;
}
td:not(.faint) {
  font-weight: 700;
}
.faint {
  color: var(--muted);
}
td .act {
  display: block;
}
td :deep(input),
td select,
thead :deep(input) {
  min-width: 2.5rem;
  max-width: 100%;
}
td {
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  gap: var(--space-3);
}
.offers {
  margin-top: var(--space-5);
}
.offer {
  display: flex;
  gap: var(--space-3);
  align-items: baseline;
  padding: var(--space-1) 0;
}
.adding {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  margin-top: var(--space-4);
}
.seen {
  margin-top: var(--space-4);
  font-size: var(--size-small);
  padding: var(--space-5);
}
</style>
