<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { LabelUsed, SheetDesign } from '@/api/names'
import { useDraftKey, useRecording } from '@/pads/recording'
import { useDraft } from '@/shared/useDraft'
import { designNoted } from '@/shared/entries'
import { singly } from '@/shared/singly'

/**
 * What a design is like, a line each: arm, long. What the class calls it already is offered, and what the team had in
 * the round before.
 */
const props = defineProps<{ rally: string; design: SheetDesign }>()
const { team, round, record } = useRecording()
type Line = { name: string; value: string }
const used = ref<readonly LabelUsed[]>([])
const kept = ref(false)
const asLines = (labels: Readonly<Record<string, string>>) =>
  Object.entries(labels).map(([name, value]) => ({ name, value }))
const { draft: lines } = useDraft<Line[]>(
  () => [...asLines(props.design.labels), { name: '', value: '' }],
  useDraftKey(`labels:${props.design.name}`),
)

onMounted(async () => {
  const answer = await ask(
    api.GET('/api/rallies/{id}/labels', {
      params: { path: { id: props.rally }, query: { team: team.value, round: round.value } },
    }),
  )
  // Without an answer the lines are typed as they are; nothing waits for the offers.
  if (!answer.ok) return
  used.value = answer.data.used
  if (lines.value.some((l) => l.name)) return
  const before = asLines(answer.data.before)
  const names = before.length > 0 ? before : answer.data.used.map((u) => ({ name: u.name, value: '' }))
  lines.value = [...names, { name: '', value: '' }]
})
const valuesOf = (name: string) =>
  used.value.find((u) => u.name.toLowerCase() === name.trim().toLowerCase())?.values ?? []
function typed() {
  kept.value = false
  const last = lines.value.at(-1)
  if (last && (last.name || last.value)) lines.value.push({ name: '', value: '' })
}
async function note() {
  const whole = lines.value.filter((l) => l.name.trim() && l.value.trim())
  if (whole.length === 0) return
  const labels = Object.fromEntries(whole.map((l) => [l.name.trim(), l.value.trim()]))
  const sent = await record(designNoted(team.value, round.value, props.design, { labels }))
  kept.value = sent.kind !== 'refused'
}
</script>

<template>
  <form class="labels" novalidate @submit.prevent="singly(note)">
    <p class="muted">
      Describe the design so that designs can be compared: “arm” is “long”. A half-filled line is left out.
    </p>
    <div v-for="(line, at) in lines" :key="at" class="line">
      <input
        v-model="line.name"
        class="touch-field"
        maxlength="40"
        :list="`label-names-${design.name}`"
        :aria-label="`What, line ${at + 1}`"
        @input="typed"
      />
      <span>is</span>
      <input
        v-model="line.value"
        class="touch-field"
        maxlength="40"
        :list="`label-values-${design.name}-${at}`"
        :aria-label="line.name ? `How ${line.name} is` : `Value, line ${at + 1}`"
        @input="typed"
      />
      <datalist :id="`label-values-${design.name}-${at}`">
        <option v-for="v in valuesOf(line.name)" :key="v" :value="v" />
      </datalist>
    </div>
    <datalist :id="`label-names-${design.name}`">
      <option v-for="u in used" :key="u.name" :value="u.name" />
    </datalist>
    <PadButton type="submit" label="Describe the design" variant="outlined" />
    <span v-if="kept" role="status" class="muted">Noted.</span>
  </form>
</template>

<style scoped>
.labels {
  display: grid;
  gap: var(--space-3);
  justify-items: start;
  padding-top: var(--space-3);
}
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto minmax(0, 1fr);
  gap: var(--space-3);
  align-items: center;
  width: 100%;
}
</style>
