<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { AwardResult, Entry } from '@/api/names'
import { written } from '@/shared/entries'
import { useRally } from '@/shared/openRally'
import { useDraft } from '@/shared/useDraft'
import type { Sent } from '@/shared/useOutbox'
import { singly } from '@/shared/singly'

/**
 * Gives an award that people give: the teacher names a team, or a vote of a jury or of a team is counted. Without one,
 * the teacher names the award too.
 */
const props = defineProps<{
  award?: AwardResult
  teams: readonly { id: string; name: string }[]
  round: number
  record: (entry: Entry) => Promise<Sent>
}>()
const emit = defineEmits<{ given: [] }>()
const { rally } = useRally()
const { draft, follow } = useDraft(
  () => ({ name: '', voter: '', team: '', for: '', why: '' }),
  `award:${rally.value?.id ?? ''}:${props.round}:${props.award?.award ?? props.award?.name ?? ''}`,
)
const refused = ref('')
const by = computed(() => props.award?.givenBy ?? 'teacher')
function entry(): Entry {
  const { name, voter, team, why } = draft.value
  const award = props.award?.award ?? ''
  if (by.value === 'teacher')
    return written(draft.value.for, props.round, {
      kind: 'awardGiven',
      award,
      name: award ? '' : (props.award?.name ?? name.trim()),
      why: why.trim(),
    })
  return written(team, props.round, {
    kind: 'awardVoted',
    award,
    for: draft.value.for,
    voter: voter.trim(),
    why: why.trim(),
  })
}
async function give() {
  const sent = await props.record(entry())
  refused.value =
    sent.kind === 'refused'
      ? sent.refusal.problems.map((p) => `${p.what} ${p.remedy}`).join(' ') || (sent.refusal.title ?? '')
      : ''
  if (sent.kind === 'refused') return
  follow()
  emit('given')
}
</script>

<template>
  <form novalidate @submit.prevent="singly(give)">
    <label v-if="!award">
      Name
      <input v-model="draft.name" class="touch-field" maxlength="60" />
    </label>
    <label v-if="by === 'vote'">
      Team
      <select v-model="draft.team" class="touch-field">
        <option value="" disabled>choose a team</option>
        <option v-for="t in teams" :key="t.id" :value="t.id">{{ t.name }}</option>
      </select>
    </label>
    <label v-if="by === 'jury'">
      Jury member
      <input v-model="draft.voter" class="touch-field" maxlength="60" />
    </label>
    <label>
      {{ by === 'teacher' ? 'Team' : 'Votes for' }}
      <select v-model="draft.for" class="touch-field">
        <option value="" disabled>choose a team</option>
        <option v-for="t in teams.filter((o) => o.id !== draft.team)" :key="t.id" :value="t.id">{{ t.name }}</option>
      </select>
    </label>
    <label>
      Reason
      <input v-model="draft.why" class="touch-field" maxlength="200" />
    </label>
    <Button type="submit" :label="by === 'teacher' ? 'Give award' : 'Add vote'" variant="outlined" />
    <p v-if="refused" class="wrong small" role="alert">{{ refused }}</p>
  </form>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: var(--space-3) var(--space-4);
  padding-block: var(--space-3);
}
label {
  display: grid;
  font-size: var(--size-small);
}
</style>
