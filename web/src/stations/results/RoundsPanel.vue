<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Entry, OverRounds, Refusal } from '@/api/names'
import OverRoundsChoice from '@/fields/OverRoundsChoice.vue'
import { written } from '@/shared/entries'
import { useRally } from '@/shared/openRally'
import RefusalNote from '@/shared/RefusalNote.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import { useLoad } from '@/shared/useLoad'
import type { Sent } from '@/shared/useOutbox'

/** The rounds as one standing, once there are two: how they are combined, and how each team comes to its place. */
const props = defineProps<{ record: (entry: Entry) => Promise<Sent> }>()
const { rally, round, tick, inRound } = useRally()
const standing = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/rounds', { params: { path: { id: rally.value?.id ?? '' } } })),
)
watch(tick, () => void standing.load(), { immediate: true })
const marks = computed(() => teamMarks(rally.value?.teams ?? []))
const over = computed(() => standing.data.value?.over ?? null)
/** What is chosen and typed; it is recorded once, when the typing rests. */
const typed = ref<OverRounds | null>(null)
const refusal = ref<Refusal>()
const said = (over: OverRounds | null) => over && [over.way, over.missedIsZero, ...over.weights].join(' ')
const same = (one: OverRounds | null, other: OverRounds | null) => said(one) === said(other)
/** What another window chose is followed, unless something is being typed here. */
watch(over, (now, before) => {
  if (same(typed.value, before ?? null)) typed.value = now
})
watchDebounced(
  typed,
  async (now) => {
    if (same(now, over.value)) return
    const sent = await props.record(written('', round.value, { kind: 'overRoundsSet', over: now }))
    refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
    await standing.load()
  },
  { debounce: 700 },
)
const listed = new Intl.ListFormat('en')
const hidden = computed(() => listed.format((standing.data.value?.unrevealed ?? []).map((r) => `round ${r}`)))
</script>

<template>
  <RefusalNote v-if="standing.state.value === 'refused' && standing.refusal.value" :refusal="standing.refusal.value" />
  <section v-if="standing.data.value" aria-labelledby="rounds">
    <h2 id="rounds">All rounds</h2>
    <p class="line"><OverRoundsChoice v-model="typed" at="/over" /></p>
    <RefusalNote v-if="refusal" :refusal="refusal" />
    <div class="wide">
      <table class="rows">
        <thead>
          <tr>
            <th v-if="over" scope="col">Place</th>
            <th scope="col">Team</th>
            <th v-for="r in standing.data.value.rounds" :key="r" scope="col" class="number">Round {{ r }}</th>
            <template v-if="over">
              <th scope="col" class="number">Total</th>
              <th scope="col">Why</th>
            </template>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in standing.data.value.rows" :key="row.team">
            <td v-if="over" class="place">{{ row.placeText || '–' }}</td>
            <th scope="row">
              <span class="team">
                <TeamPennant v-if="marks.get(row.team)" :mark="marks.get(row.team)!" :width="48" /> {{ row.name }}
              </span>
            </th>
            <td v-for="(text, i) in row.rounds" :key="i" class="number figures">{{ text }}</td>
            <template v-if="over">
              <td class="number total figures">{{ row.totalText || '–' }}</td>
              <td class="small">{{ row.why }}</td>
            </template>
          </tr>
        </tbody>
      </table>
    </div>
    <template v-if="over">
      <p v-if="hidden" class="small muted">
        The wall can show this once {{ hidden }} {{ standing.data.value.unrevealed.length === 1 ? 'has' : 'have' }} been
        revealed.
      </p>
      <p v-else class="small muted">
        To show it to the class, choose “All rounds” for the board
        <RouterLink :to="inRound(`/rallies/${rally?.id}/run`)">under Run</RouterLink>.
      </p>
    </template>
  </section>
</template>

<style scoped>
.line {
  padding-block: var(--space-3);
}
.wide {
  overflow-x: auto;
}
.place {
  font: 750 var(--size-text) / 1.15 var(--title);
  white-space: nowrap;
}
.total {
  font-weight: 750;
}
.team {
  display: flex;
  align-items: center;
  gap: var(--space-4);
}
</style>
