<script setup lang="ts">
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, ref } from 'vue'
import type { Entry, TeamDebrief } from '@/api/names'
import { written } from '@/shared/entries'
import { useDraft } from '@/shared/useDraft'
import type { Sent } from '@/shared/useOutbox'

/**
 * A team looks back: what worked, what did not, and one thing to change. What is typed stays on this device until it is
 * kept.
 */
const props = defineProps<{
  rally: string
  team: TeamDebrief
  round: number
  /** Whether it is the team itself that writes, on its own device; then it stands open. */
  own?: boolean
  record: (entry: Entry) => Promise<Sent>
}>()
const fields = computed(
  () =>
    [
      { key: 'worked', label: 'What worked' },
      { key: 'didNot', label: 'What didn’t' },
      { key: 'change', label: 'One thing to change' },
      { key: 'why', label: 'Why' },
      { key: 'together', label: props.own ? 'How we worked together' : 'How they worked together' },
    ] as const,
)
type Said = Pick<TeamDebrief, 'worked' | 'didNot' | 'change' | 'why' | 'together'>
const kept = (): Said => {
  const { worked, didNot, change, why, together } = props.team
  return { worked, didNot, change, why, together }
}
const { draft, changed, follow } = useDraft(kept, `${props.rally}:${props.team.team}:${props.round}:debrief`)
const refused = ref('')
const open = ref(props.own)
const summary = computed(() =>
  fields.value.filter((f) => props.team[f.key]).map((f) => ({ label: f.label, text: props.team[f.key] })),
)
async function keep() {
  const sent = await props.record(
    written(props.team.team, props.round, {
      kind: 'lookedBack',
      ...(Object.fromEntries(fields.value.map((f) => [f.key, draft.value[f.key].trim()])) as Said),
    }),
  )
  refused.value = sent.kind === 'refused' ? (sent.refusal.problems[0]?.what ?? sent.refusal.title ?? '') : ''
  if (sent.kind === 'refused') return
  follow()
  open.value = props.own
}
</script>

<template>
  <component
    :is="own ? 'div' : 'details'"
    :open="own ? undefined : open"
    class="team"
    :class="{ own }"
    @toggle="open = ($event.target as HTMLDetailsElement).open"
  >
    <summary v-if="!own">
      <b>{{ team.name }}</b>
      <span class="small muted">{{ team.entry ? team.change || 'has looked back' : 'not yet' }}</span>
    </summary>
    <p v-if="team.wanted" class="small">
      <b>Wanted to change after round {{ round - 1 }}:</b> {{ team.wanted }}
    </p>
    <p v-for="c in team.changed" :key="c" class="small"><b>Changed:</b> {{ c }}</p>
    <p v-if="team.fair" class="small">{{ team.fair }}</p>
    <p v-for="s in team.since" :key="s" class="small">{{ s }}.</p>
    <p v-if="team.noted.length > 0" class="small"><b>Observations:</b> {{ team.noted.join('; ') }}</p>
    <form novalidate @submit.prevent="keep">
      <label v-for="f in fields" :key="f.key">
        <span>{{ f.label }}</span>
        <Textarea
          v-model="draft[f.key]"
          rows="1"
          auto-resize
          maxlength="4000"
          fluid
          :aria-label="`${f.label}: ${team.name}`"
        />
      </label>
      <Button type="submit" label="Save" class="touch" :aria-label="`Save: ${team.name}`" :disabled="!changed" />
      <p v-if="own && team.entry && !changed" role="status" class="small muted">Saved.</p>
      <p v-if="refused" class="wrong" role="alert">{{ refused }}</p>
    </form>
  </component>
  <ul v-if="!open && summary.length > 0" class="said small">
    <li v-for="s in summary" :key="s.label">
      <span class="muted">{{ s.label }}:</span> {{ s.text }}
    </li>
  </ul>
</template>

<style scoped>
.team {
  border-top: var(--rule);
  padding-block: var(--space-3);
}
summary {
  overflow-wrap: anywhere;
  min-height: 2.5rem;
  cursor: pointer;
}
summary .muted {
  padding-left: var(--space-4);
}
form {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-3) var(--space-5);
  align-items: end;
  justify-items: start;
  padding-block: var(--space-3);
}
.own {
  border: 0;
}
.own form {
  grid-template-columns: minmax(0, 1fr);
}
label {
  display: grid;
  gap: var(--space-2);
  width: 100%;
  font-weight: 650;
}
.said {
  padding-bottom: var(--space-3);
}
@media (max-width: 600px) {
  form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
