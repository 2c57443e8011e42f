<script setup lang="ts">
import { ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Refusal } from '@/api/names'
import ConflictNote from '@/shared/ConflictNote.vue'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { readText } from '@/shared/readText'
import { useLoad } from '@/shared/useLoad'
import { useMeanwhile } from '@/shared/useMeanwhile'
import ShoppingTable from './ShoppingTable.vue'

/** What there is, kept over the year, and what to buy for everything that is planned. */
const cupboard = useLoad(() => ask(api.GET('/api/cupboard')))
const shopping = useLoad(() => ask(api.GET('/api/shopping')))
const load = () => Promise.all([cupboard.load(), shopping.load()])
void load()
const fresh = ref({ name: '', unit: '', amount: '' })
const refusal = ref<Refusal>()
const shown = (n: number) => String(Math.round(n * 100) / 100)

const { meanwhile, cameSecond, letGo } = useMeanwhile(load)
/** How much there is of something as this page shows it: what another window changed since is not overwritten. */
const seen = (name: string, unit: string | null) =>
  cupboard.data.value?.find((i) => i.name === name && i.unit === (unit ?? ''))?.amount ?? 0
async function put(name: string, unit: string | null, typed: string, again: () => unknown): Promise<boolean> {
  const body = { name, unit, typed, was: seen(name, unit) }
  const answer = await ask(api.PUT('/api/cupboard', { body }))
  if (await cameSecond(answer, again)) return false
  refusal.value = answer.ok || answer.offline ? undefined : answer.refusal
  if (answer.ok) await load()
  return answer.ok
}
function change(name: string, unit: string, typed: string): Promise<boolean> {
  return put(name, unit, typed, () => change(name, unit, typed))
}
async function add() {
  const { name, unit, amount } = fresh.value
  if (await put(name, unit.trim() || null, amount, add)) fresh.value = { name: '', unit: '', amount: '' }
}
async function take(event: Event) {
  const text = await readText(event)
  if (text === undefined) return
  const answer = await ask(api.PUT('/api/cupboard/file', { body: { text } }))
  refusal.value = answer.ok || answer.offline ? undefined : answer.refusal
  await load()
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead title="Cupboard" next="List what you have. Every brief and rally checks its kit against it.">
      <label class="small file">
        Import a table (CSV)
        <input type="file" accept=".csv,.txt,text/csv,text/plain" @change="take" />
      </label>
      <a class="small" href="/api/cupboard/file" download>Download as a table</a>
    </StationHead>
    <div v-if="refusal" class="wrong" role="alert">
      <p v-if="refusal.problems.length !== 1">{{ refusal.title }}</p>
      <ul>
        <li v-for="p in refusal.problems" :key="p.at + p.what">{{ p.what }} {{ p.remedy }}</li>
      </ul>
    </div>
    <ConflictNote :of="meanwhile" @theirs="letGo" />
    <LoadNote
      v-if="!cupboard.data.value"
      :state="cupboard.state.value"
      :refusal="cupboard.refusal.value"
      what="the cupboard"
      @again="cupboard.load"
    />
    <div v-else class="two">
      <section aria-labelledby="there">
        <h2 id="there">What is there</h2>
        <p v-if="cupboard.data.value.length === 0" class="muted">
          Nothing is written down yet. Begin with what you use most, such as tape.
        </p>
        <table v-else>
          <tbody>
            <tr v-for="item in cupboard.data.value" :key="item.name + item.unit">
              <th scope="row">{{ item.name }}{{ item.unit ? ` (${item.unit})` : '' }}</th>
              <td>
                <input
                  class="inline"
                  :value="shown(item.amount)"
                  :aria-label="`How much there is of ${item.name}`"
                  @change="change(item.name, item.unit, ($event.target as HTMLInputElement).value)"
                />
              </td>
              <td>
                <button
                  type="button"
                  class="act"
                  :aria-label="`None left: ${item.name}`"
                  @click="change(item.name, item.unit, '0')"
                >
                  None left
                </button>
              </td>
            </tr>
          </tbody>
        </table>
        <form class="line" novalidate @submit.prevent="add">
          Also
          <input v-model="fresh.amount" class="inline amount" aria-label="How much" placeholder="12, 2 m" />
          <input v-model="fresh.unit" class="inline unit" aria-label="Unit" placeholder="pieces" />
          of
          <input v-model="fresh.name" class="inline name" aria-label="What" placeholder="corks" />
          <button type="submit" class="act">Put it in</button>
        </form>
        <p class="small muted">Rolls and what lies loose beside them: 3 rolls of 50 + 12.</p>
      </section>
      <section aria-labelledby="buy">
        <h2 id="buy">To buy for what is planned</h2>
        <ShoppingTable v-if="shopping.data.value" :shopping="shopping.data.value" />
      </section>
    </div>
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  gap: 3rem;
}
.file {
  color: var(--lagoon-deep);
  text-decoration: underline;
  cursor: pointer;
}
.file input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
.file:focus-within {
  outline: 3px solid var(--plum);
}
table {
  width: 100%;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 0.3rem 0.75rem 0.3rem 0;
  border-bottom: 1px solid var(--line);
}
td input,
.amount {
  width: 5rem;
  field-sizing: fixed;
  text-align: right;
}
.unit {
  width: 5rem;
  field-sizing: fixed;
}
.name {
  min-width: 8rem;
}
form {
  padding-top: 0.75rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.5rem;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
