<script setup lang="ts">
import { computed } from 'vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** Certificates: by place, by award, or for everyone with what it did best. */
const { now, rally } = useRallyPrinting()
const certificates = computed(() =>
  rally.papers.certificates.flatMap((c) => {
    const team = now.teams.find((t) => t.id === c.team)
    if (!team) return []
    const lines = {
      place: c.place ? [c.place] : [],
      award: c.awards,
      best: [...c.awards, ...(c.best ? [c.best] : [])],
    }[now.choices.certificate]
    return lines.length > 0 ? [{ team, c, lines }] : []
  }),
)
</script>

<template>
  <p v-if="certificates.length === 0" class="muted">
    {{
      now.choices.certificate === 'award'
        ? 'Nobody has an award yet.'
        : 'Nothing is recorded yet that a certificate could say.'
    }}
  </p>
  <PaperSheet
    v-for="{ team, c, lines } in certificates"
    :key="c.team"
    title="Certificate"
    :team="team"
    plain
    landscape
    class="certificate"
  >
    <div class="frame">
      <p class="word">Certificate</p>
      <TeamPennant :mark="rally.marks.get(c.team)!" :width="190" />
      <h2>{{ c.name }}</h2>
      <p v-if="c.members.length > 0" class="members">{{ c.members.join(', ') }}</p>
      <p v-for="l in lines" :key="l" class="line">{{ l }}</p>
      <p class="what">{{ [now.on.brief.title, now.on.about].filter(Boolean).join(', ') }}</p>
      <p class="signed"><span>Signed</span></p>
    </div>
  </PaperSheet>
</template>

<style scoped>
.frame {
  border: 3px solid var(--ink);
  outline: 2px dashed var(--ink);
  outline-offset: -10px;
  min-height: 165mm;
  padding: 14mm;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: space-evenly;
  justify-items: center;
  text-align: center;
  gap: 0.6em;
}
h2 {
  font-size: 2.8em;
}
.word {
  font: 600 1.6em var(--title);
  letter-spacing: 0.12em;
  text-transform: uppercase;
}
.members {
  font-size: 1.2em;
}
.line {
  font: 700 1.8em var(--title);
}
.signed {
  width: 60mm;
  border-top: 1px solid var(--ink);
}
</style>
