<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import type { Reference, TeamNamed, TeamOnStrip } from '@/api/names'
import { purposeNames } from '@/shared/purposes'
import { useJudgeRally } from '@/shared/openRally'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import { useNarrow } from '@/shared/useNarrow'

/** All teams in a strip, each with how far it is; after them the comparisons. */
const props = defineProps<{
  teams: readonly TeamNamed[]
  references: readonly Reference[]
  current: string
  /** The rally of a team: those of a lesson's other tiers stand in the same strip. */
  rallyOf: (team: string) => string
  strip: ReadonlyMap<string, TeamOnStrip>
  /** How many results of a team wait on this device. */
  waiting: (team: string) => number
}>()
const { inRound } = useJudgeRally()
const marks = computed(() => teamMarks(props.teams))
const word = (id: string) => {
  const team = props.strip.get(id)
  const waits = props.waiting(id)
  if (!team) return waits > 0 ? `${waits} waiting` : ''
  const state = { placed: team.totalText || 'done', unfinished: 'open', didNotPlace: 'must-have missed', away: 'away' }[
    team.status
  ]
  return [state, team.late ? 'late' : '', waits > 0 ? `${waits} waiting` : ''].filter(Boolean).join(', ')
}
const narrow = useNarrow()
const nav = useTemplateRef('nav')
/** The team that is open is brought into the strip's middle; the page itself stays where the judge has it. */
function showCurrent() {
  const [strip, team] = [nav.value, nav.value?.querySelector<HTMLElement>('[aria-current]')]
  if (strip && team) strip.scrollLeft = team.offsetLeft - (strip.clientWidth - team.offsetWidth) / 2
}
watch([() => props.current, () => props.teams.length, () => nav.value], () => void nextTick(showCurrent))
</script>

<template>
  <nav ref="nav" class="strip" aria-label="Teams">
    <RouterLink
      v-for="t in teams"
      :key="t.id"
      :to="inRound(`/rallies/${rallyOf(t.id)}/score/${t.id}`)"
      :aria-current="t.id === current ? 'page' : undefined"
    >
      <TeamPennant :mark="marks.get(t.id)!" :width="narrow ? 36 : 56" />
      <span class="team">{{ t.name }}</span>
      <span class="small muted figures">{{ word(t.id) }}</span>
    </RouterLink>
    <RouterLink
      v-for="r in references"
      :key="r.id"
      class="reference"
      :title="r.name"
      :to="inRound(`/rallies/${rallyOf(r.id)}/score/${r.id}`)"
      :aria-current="r.id === current ? 'page' : undefined"
    >
      <span class="small muted">{{ purposeNames[r.purpose] }}</span>
      <span class="team">{{ r.name }}</span>
      <span class="small muted figures">{{ word(r.id) }}</span>
    </RouterLink>
  </nav>
</template>

<style scoped>
.strip {
  display: flex;
  position: relative;
  overflow-x: auto;
  padding: var(--space-4) 0;
  gap: var(--space-1);
}
/* As wide as the longest word of a name; only a word that is too long for any column breaks. */
a {
  flex: none;
  width: min-content;
  min-width: 6.4rem;
  display: grid;
  align-content: start;
  justify-items: center;
  text-align: center;
  min-height: var(--touch);
  padding: var(--space-3) var(--space-2);
  color: var(--ink);
  text-decoration: none;
  border-bottom: 3px solid transparent;
}
a[aria-current] {
  background: var(--sheet);
  border-bottom-color: var(--marigold);
}
.reference {
  border-left: var(--rule);
  align-content: end;
}
.team {
  line-height: 1.2;
  max-width: 12rem;
  overflow-wrap: break-word;
}
@media (max-width: 700px) {
  .strip {
    padding: var(--space-2) 0;
  }
  a {
    width: auto;
    min-width: 0;
    display: flex;
    align-items: center;
    gap: var(--space-3);
    padding: 0 var(--space-3);
  }
}
</style>
