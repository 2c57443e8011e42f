<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { CupboardItem, Refusal, TeamKit } from '@/api/names'
import { kitCounted } from '@/shared/entries'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useRally } from '@/shared/openRally'
import { nextAt } from '@/shared/nextAt'
import RoundChoice from '@/shared/RoundChoice.vue'
import StationHead from '@/shared/StationHead.vue'
import { teamMarks } from '@/shared/teamMarks'
import { useLoad } from '@/shared/useLoad'
import UnsentNote from '@/log/UnsentNote.vue'
import { useOutbox } from '@/shared/useOutbox'
import TeamBags from './TeamBags.vue'
import KitForAll from './KitForAll.vue'
import StockNote from './StockNote.vue'
import TeamKitCount from './TeamKitCount.vue'

/** A rally's kit: counted out and back, team by team, and taken from the cupboard. */
const { rally, round, tick, news } = useRally()
const id = String(useRoute().params.rally)
const params = () => ({ path: { id }, query: { round: round.value } })
const kit = useLoad(() => ask(api.GET('/api/rallies/{id}/kit', { params: params() })))
watch([tick, round], () => void kit.load(), { immediate: true })
const outbox = useOutbox(id, news)
const refusal = ref<Refusal>()
const marks = computed(() => teamMarks(rally.value?.teams ?? []))
const rows = computed(() =>
  (rally.value?.teams ?? []).flatMap((team) => {
    const found = kit.data.value?.teams.find((k) => k.team === team.id)
    return found ? [{ team, kit: found }] : []
  }),
)

async function count(team: string, way: 'out' | 'back', amounts: { material: string; amount: number }[], by: string) {
  const sent = await outbox.record(kitCounted(team, round.value, way, amounts, by))
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
}
/** All that are left, as planned: whoever got something else was counted before. */
async function countAll(way: 'out' | 'back', teams: readonly TeamKit[]) {
  for (const k of teams)
    await count(
      k.team,
      way,
      k.lines.map((l) => ({ material: l.material, amount: way === 'out' ? l.due : l.dueBack })),
      '',
    )
}
async function take() {
  const answer = await ask(api.POST('/api/rallies/{id}/kit/taken', { params: params() }))
  refusal.value = refusalOf(answer)
  await kit.load()
}
async function back(items: CupboardItem[]) {
  const answer = await ask(api.POST('/api/rallies/{id}/kit/back', { params: params(), body: { items } }))
  refusal.value = refusalOf(answer)
  await kit.load()
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead title="Kit" word="kit" :next="nextAt(rally?.progress.route, 'kit')">
      <RoundChoice v-if="rally" :rounds="rally.progress.rounds" :round="round" />
      <a class="small" :href="`/api/rallies/${id}/kit/shopping?round=${round}`" download>Shopping list</a>
      <RouterLink class="small" :to="`/rallies/${id}/papers`">Print labels and sheets</RouterLink>
    </StationHead>
    <UnsentNote v-if="rally" :outbox="outbox" :rally="rally" />
    <RefusalNote :refusal="refusal" />
    <LoadNote
      v-if="!kit.data.value"
      :state="kit.state.value"
      :refusal="kit.refusal.value"
      what="the kit"
      @again="kit.load"
    />
    <div v-else class="two">
      <section aria-labelledby="teams">
        <h2 id="teams">Team by team</h2>
        <p v-if="round > 1" class="small muted">
          What is handed out for round {{ round }}: what is different from the round before.
        </p>
        <p v-if="rows.every((r) => r.kit.lines.length === 0)" class="muted">Nothing to count out.</p>
        <template v-else>
          <KitForAll :rows="rows" @counted="countAll" />
          <ul>
            <TeamKitCount
              v-for="row in rows"
              :key="row.team.id"
              :kit="row.kit"
              :team="row.team"
              :mark="marks.get(row.team.id)!"
              @counted="(way, amounts, by) => count(row.team.id, way, amounts, by)"
            />
          </ul>
        </template>
      </section>
      <div class="side">
        <StockNote :kit="kit.data.value" @take="take" @back="back" />
        <TeamBags
          v-if="rally && kit.data.value.canDraw.length > 0"
          :rally="rally"
          :categories="kit.data.value.canDraw"
          @drawn="news"
        />
        <section v-if="kit.data.value.rig.madeOf.length > 0" aria-labelledby="rig">
          <h2 id="rig">The rig</h2>
          <ul class="same">
            <li v-for="m in kit.data.value.rig.madeOf" :key="m">{{ m }}</li>
          </ul>
          <ol v-if="kit.data.value.rig.steps.length > 0" class="steps">
            <li v-for="s in kit.data.value.rig.steps" :key="s">{{ s }}</li>
          </ol>
        </section>
        <section aria-labelledby="same">
          <h2 id="same">The same for everyone</h2>
          <p v-if="kit.data.value.conditions.length === 0" class="muted">The brief fixes nothing.</p>
          <ul class="same">
            <li v-for="c in kit.data.value.conditions" :key="c.id">
              {{ c.text }}<template v-if="c.fixedAt">: {{ c.fixedAt }}</template>
            </li>
          </ul>
        </section>
      </div>
    </div>
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: var(--space-7);
}
.side {
  display: grid;
  gap: var(--space-7);
  align-content: start;
}
.steps {
  list-style: decimal;
  padding: var(--space-3) 0 0 var(--space-6);
}
.same li {
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--line);
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
