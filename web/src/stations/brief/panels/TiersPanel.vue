<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '../../../api/client'
import type { Brief, EditionSheet, GradeBand, Tier, TierField, TierRow } from '../../../api/names'
import DifferenceTable from '../DifferenceTable.vue'
import InlineText from '../fields/InlineText.vue'
import PrintedSheet from '../sheet/PrintedSheet.vue'
import { combines, comparisons } from '../words'
import { useWriting } from '../writing'

/** Only what differs from grade to grade: rows are places, columns are tiers, what is inherited is faint. */
const props = defineProps<{ brief: Brief }>()
const { checkup, choices } = useWriting()
const rows = computed(() => checkup.value?.tiers.rows ?? [])
const others = computed(() => {
  const there = new Set(rows.value.map((r) => r.field.at))
  return (checkup.value?.tiers.fields ?? []).filter((f) => !there.has(f.at))
})
const bands = computed(() => (choices.value?.grades ?? []).filter((g) => g.value !== 'unsaid'))
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

async function add(event: Event) {
  const field = event.target as HTMLSelectElement
  const grades = field.value as GradeBand | ''
  field.value = ''
  if (!grades) return
  const answer = await ask(api.POST('/api/drafts/tier', { body: { brief: props.brief, grades } }))
  if (answer.ok) props.brief.tiers.push(answer.data)
}
function set(tier: Tier, field: TierField, text: string) {
  const value =
    field.kind === 'number' && text.trim() !== '' && Number.isFinite(Number(text.replace(',', '.')))
      ? Number(text.replace(',', '.'))
      : field.kind === 'yesNo'
        ? text === 'yes'
        : text
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
function differ(event: Event) {
  const select = event.target as HTMLSelectElement
  const field = others.value.find((f) => f.at === select.value)
  select.value = ''
  const last = props.brief.tiers.at(-1)
  // A row is there as soon as one tier has its own value; it begins with what is inherited.
  if (field && last) last.overrides.push({ at: field.at, value: at(field.at) ?? (field.kind === 'number' ? 0 : '') })
}
const at = (place: string): unknown =>
  place
    .split('/')
    .slice(1)
    .reduce<unknown>(
      (node, step) =>
        Array.isArray(node)
          ? node.find((item: { id?: string }) => item.id === step)
          : (node as Record<string, unknown> | undefined)?.[step],
      props.brief,
    )

const seen = ref<EditionSheet>()
async function show(tier: string) {
  seenTier.value = tier
  const answer = await ask(api.POST('/api/drafts/edition', { body: { brief: props.brief, tier } }))
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
    <p v-if="brief.tiers.length === 0" class="muted">
      One challenge for several grades: add a tier, and change only what differs.
    </p>
    <div v-else class="scroll">
      <table>
        <thead>
          <tr>
            <th scope="col">What differs</th>
            <th scope="col">The brief</th>
            <th v-for="(tier, i) in brief.tiers" :key="tier.id" scope="col">
              <InlineText v-model="tier.name" label="Name of the tier" :at="`/tiers/${tier.id}/name`" />
              <span class="ways">
                <button type="button" class="act" :aria-label="`See ${tier.name}`" @click="see(tier.id)">See</button>
                <button
                  type="button"
                  class="act"
                  :aria-label="`Take out the tier ${tier.name}`"
                  @click="brief.tiers.splice(i, 1)"
                >
                  Take out
                </button>
              </span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.field.at">
            <th scope="row">{{ row.field.name }}</th>
            <td class="faint">{{ shown(row.base) || '–' }}</td>
            <td v-for="tier in brief.tiers" :key="tier.id" :class="{ faint: !own(tier, row) }">
              <select
                v-if="row.field.kind === 'choice' || row.field.kind === 'yesNo'"
                class="inline"
                :aria-label="`${row.field.name}, ${tier.name}`"
                :value="row.field.kind === 'yesNo' ? value(tier, row) : String(own(tier, row)?.value ?? row.base)"
                @change="set(tier, row.field, ($event.target as HTMLSelectElement).value)"
              >
                <option v-for="w in row.field.kind === 'yesNo' ? ['yes', 'no'] : row.field.words" :key="w" :value="w">
                  {{ shown(w) }}
                </option>
              </select>
              <span v-else-if="Array.isArray(own(tier, row)?.value ?? row.base)">{{ value(tier, row) }}</span>
              <input
                v-else
                class="inline"
                :aria-label="`${row.field.name}, ${tier.name}`"
                :value="value(tier, row)"
                @change="set(tier, row.field, ($event.target as HTMLInputElement).value)"
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
      <select class="inline" aria-label="Add a tier" @change="add">
        <option value="">Add a tier…</option>
        <option v-for="b in bands" :key="b.value" :value="b.value">{{ b.name }}</option>
      </select>
      <select v-if="brief.tiers.length > 0" class="inline" aria-label="Let something else differ" @change="differ">
        <option value="">Let something else differ…</option>
        <option v-for="f in others" :key="f.at" :value="f.at">{{ f.name }}</option>
      </select>
    </p>
    <template v-if="seen">
      <h3>{{ seen.tier }}</h3>
      <DifferenceTable :differences="seen.differences" before="The brief" :after="seen.tier" />
      <PrintedSheet class="seen" :brief="seen.brief" :sheet="seen.sheet" :tier="seen.tier" />
    </template>
  </section>
</template>

<style scoped>
table {
  font-size: var(--small);
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 0.3rem 0.6rem 0.3rem 0;
  border-bottom: 1px solid var(--line);
}
thead th {
  font-family: var(--title);
  min-width: 6.5rem;
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
td input {
  min-width: 2.5rem;
  max-width: 11rem;
}
.ways {
  display: flex;
  gap: 0.6rem;
}
.adding {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  margin-top: 0.75rem;
}
h3 {
  margin-top: 1rem;
}
.seen {
  margin-top: 0.75rem;
  font-size: 0.9rem;
  padding: 1rem;
}
</style>
