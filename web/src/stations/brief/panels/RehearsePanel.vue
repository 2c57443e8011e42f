<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Brief, Pert, Refusal, RehearsalReport } from '@/api/names'
import { numberIn } from '@/shared/numbers'

/** Whole classes play the brief before one child builds: who would win and why, and what never matters. Nothing is kept. */
const props = defineProps<{ brief: Brief; tier: string }>()
const teams = ref(8)
const failed = ref(8)
const missed = ref(4)
const alike = ref(60)
/** What somebody expects otherwise than the brief, by handle. */
const expected = ref<Record<string, Pert>>({})
const report = ref<RehearsalReport>()
const refusal = ref<Refusal>()
const going = ref<AbortController>()
const alikes = [
  [20, 'hardly alike: much is luck'],
  [60, 'somewhat alike'],
  [90, 'much alike: little is luck'],
] as const

async function rehearse() {
  going.value?.abort()
  const controller = new AbortController()
  going.value = controller
  try {
    const answer = await ask(
      api.POST('/api/drafts/rehearsal', {
        body: {
          brief: props.brief,
          tier: props.tier,
          asked: {
            teams: teams.value,
            failed: failed.value,
            missed: missed.value,
            alike: alike.value,
            classes: 300,
            seed: 1,
            expected: expected.value,
          },
        },
        signal: controller.signal,
      }),
    )
    if (going.value !== controller) return
    refusal.value = refusalOf(answer)
    if (answer.ok) report.value = answer.data
  } catch (wrong) {
    // Whoever stops it wants no answer.
    if (!controller.signal.aborted) throw wrong
  } finally {
    if (going.value === controller) going.value = undefined
  }
}
function stop() {
  going.value?.abort()
  going.value = undefined
}
function expect(handle: string, which: keyof Pert, text: string) {
  const number = numberIn(text)
  const now = report.value?.inputs.find((i) => i.handle === handle)?.expected
  if (number === undefined || !now) return
  expected.value = { ...expected.value, [handle]: { ...now, ...expected.value[handle], [which]: number } }
}
const shown = (handle: string, which: keyof Pert) =>
  expected.value[handle]?.[which] ?? report.value?.inputs.find((i) => i.handle === handle)?.expected[which]
const columns = ['low', 'usual', 'high'] as const
const heads = { low: 'Low', usual: 'Usual', high: 'High' } as const
</script>

<template>
  <section aria-labelledby="rehearse" class="rehearse">
    <h3 id="rehearse">Rehearse it with 300 classes</h3>
    <p class="small">
      Each of
      <select v-model.number="teams" class="inline" aria-label="Teams of a class">
        <option v-for="n in [4, 6, 8, 10, 12, 16]" :key="n" :value="n">{{ n }}</option>
      </select>
      teams. What a team does is
      <select v-model.number="alike" class="inline" aria-label="How alike a team’s attempts are">
        <option v-for="[n, name] in alikes" :key="n" :value="n">{{ name }}</option></select
      >. Of a hundred attempts
      <select v-model.number="failed" class="inline" aria-label="Failed attempts of a hundred">
        <option v-for="n in [0, 4, 8, 15, 30]" :key="n" :value="n">{{ n }}</option>
      </select>
      fail, of a hundred must-haves
      <select v-model.number="missed" class="inline" aria-label="Missed must-haves of a hundred">
        <option v-for="n in [0, 2, 4, 10, 20]" :key="n" :value="n">{{ n }}</option>
      </select>
      are missed.
    </p>
    <p class="ways">
      <Button :label="report ? 'Rehearse again' : 'Rehearse'" size="small" @click="rehearse" />
      <template v-if="going">
        <span role="status" class="small">The classes play…</span>
        <button type="button" class="act" @click="stop">Stop</button>
      </template>
    </p>
    <p v-if="refusal" class="wrong small" role="alert">
      {{ refusal.problems[0]?.what ?? refusal.title }} {{ refusal.problems[0]?.remedy ?? refusal.detail }}
    </p>
    <template v-if="report">
      <ul class="says" aria-label="What the rehearsal says">
        <li v-for="s in report.says" :key="s">{{ s }}</li>
      </ul>
      <table v-if="report.parts.length > 1">
        <caption class="small muted">
          What sets teams apart
        </caption>
        <tbody>
          <tr v-for="p in report.parts" :key="p.part">
            <th scope="row">{{ p.name }}</th>
            <td class="bar">
              <i :style="{ width: `${Math.max(0, Math.min(100, p.share))}%` }" aria-hidden="true"></i>
            </td>
            <td class="figures">{{ p.share }}</td>
          </tr>
        </tbody>
      </table>
      <details>
        <summary>What was expected</summary>
        <div class="scroll">
          <table>
            <thead>
              <tr>
                <th scope="col"><span class="out-of-sight">What</span></th>
                <th v-for="c in columns" :key="c" scope="col">{{ heads[c] }}</th>
                <th scope="col">From</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="i in report.inputs" :key="i.handle">
                <th scope="row">
                  {{ i.name }}<span v-if="i.unit" class="muted"> ({{ i.unit }})</span>
                </th>
                <td v-for="c in columns" :key="c">
                  <input
                    class="inline number"
                    inputmode="decimal"
                    :aria-label="`${i.name}, ${heads[c]}`"
                    :value="shown(i.handle, c)"
                    @change="expect(i.handle, c, ($event.target as HTMLInputElement).value)"
                  />
                </td>
                <td class="small muted">{{ i.from }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </details>
    </template>
  </section>
</template>

<style scoped>
.rehearse {
  margin-top: 1.5rem;
  padding-top: 1rem;
  border-top: var(--stitch);
  display: grid;
  gap: 0.6rem;
}
.ways {
  display: flex;
  gap: 0.9rem;
  align-items: center;
}
.says {
  list-style: square;
  padding-left: 1.2rem;
}
.says li {
  margin-top: 0.3rem;
}
table {
  width: 100%;
}
caption {
  text-align: left;
}
th,
td {
  text-align: left;
  font-weight: 500;
  padding: 0.15rem 0.6rem 0.15rem 0;
}
.bar {
  width: 60%;
}
.bar i {
  display: block;
  height: 0.8rem;
  background: var(--lagoon);
}
.number {
  width: 4.5rem;
}
.scroll {
  overflow-x: auto;
}
</style>
