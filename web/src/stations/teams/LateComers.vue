<script setup lang="ts">
import Button from 'primevue/button'
import { v7 } from 'uuid'
import { computed, ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { ClassOpened, Entry, RallyOpened, Refusal } from '@/api/names'
import { written } from '@/shared/entries'
import { useRally } from '@/shared/openRally'
import RefusalNote from '@/shared/RefusalNote.vue'
import type { Sent } from '@/shared/useOutbox'
import PlacingNote from './PlacingNote.vue'
import { usePlacing } from './usePlacing'
import { singly } from '@/shared/singly'

/** Who comes when the rally has begun: a student into a team, or a whole team. */
const props = defineProps<{
  rally: RallyOpened
  classes: readonly ClassOpened[]
  record: (entry: Entry) => Promise<Sent>
}>()
const emit = defineEmits<{ added: [] }>()
const { round } = useRally()
const { coming, place, allTheSame, leaveIt } = usePlacing(props.record)
const student = ref('')
const team = ref('')
const fresh = ref('')
const group = ref('')
const refusal = ref<Refusal>()
const named = computed(() => props.classes.flatMap((c) => c.students).find((p) => p.id === student.value)?.name ?? '')
/** Where a new name is entered: the class that is chosen, else the first. */
const into = computed(() => props.classes.find((c) => c.id === group.value) ?? props.classes[0])
/** Whoever has come in is no longer among those who could. */
watch(
  () => props.classes,
  () => {
    if (student.value !== 'new' && named.value === '') student.value = ''
  },
)
async function bring() {
  refusal.value = undefined
  if (student.value !== 'new') return place(student.value, named.value, team.value)
  if (!into.value) return
  const answer = await ask(
    api.POST('/api/classes/{id}/students', { params: { path: { id: into.value.id } }, body: { name: fresh.value } }),
  )
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  await place(answer.data.id, answer.data.name, team.value)
  fresh.value = ''
  emit('added')
}
const name = ref('')
const members = ref<number>()
async function join() {
  const sent = await props.record(
    written(`late-${v7().slice(-12)}`, round.value, {
      kind: 'teamJoined',
      name: name.value.trim(),
      callSign: '',
      members: members.value || 0,
    }),
  )
  if (sent.kind !== 'refused') name.value = ''
}
const ready = computed(
  () => team.value !== '' && student.value !== '' && (student.value !== 'new' || fresh.value.trim() !== ''),
)
</script>

<template>
  <section aria-labelledby="late">
    <h2 id="late">Latecomers</h2>
    <form v-if="classes.length > 0" class="line" @submit.prevent="singly(bring)">
      A student,
      <select v-model="student" class="inline" aria-label="Latecomers">
        <option value="" disabled>who</option>
        <optgroup v-for="c in classes" :key="c.id" :label="c.name">
          <option v-for="p in c.students" :key="p.id" :value="p.id">{{ p.name }}</option>
        </optgroup>
        <option value="new">somebody new</option>
      </select>
      <template v-if="student === 'new'">
        <input
          v-model="fresh"
          class="inline"
          maxlength="120"
          aria-label="Name of the new student"
          placeholder="given name and initial"
        />
        of
        <select v-model="group" class="inline" aria-label="Class of the new student">
          <option v-for="c in classes" :key="c.id" :value="c.id">{{ c.name }}</option>
        </select>
      </template>
      into
      <select v-model="team" class="inline" aria-label="Into which team">
        <option value="" disabled>which team</option>
        <option v-for="t in rally.teams" :key="t.id" :value="t.id">{{ t.name }}</option>
      </select>
      <Button type="submit" label="Add student" size="small" :disabled="!ready" />
    </form>
    <PlacingNote
      v-if="coming"
      :coming="coming"
      :team-name="rally.teams.find((t) => t.id === coming?.team)?.name ?? ''"
      @place="allTheSame"
      @leave="leaveIt"
    />
    <RefusalNote :refusal="refusal" />
    <form class="line" @submit.prevent="singly(join)">
      A team, called
      <input
        v-model="name"
        class="inline"
        maxlength="120"
        aria-label="Name of the team that joins"
        placeholder="its name"
      />
      with
      <input
        v-model.number="members"
        class="inline number"
        type="number"
        min="0"
        max="1000"
        aria-label="How many students are in it"
      />
      students
      <Button type="submit" label="Add team" size="small" :disabled="name.trim() === ''" />
    </form>
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-6);
}
.number {
  width: 3.4rem;
  field-sizing: fixed;
}
form {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
  padding: var(--space-2) 0;
}
</style>
