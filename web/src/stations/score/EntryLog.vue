<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import type { TeamSheet } from '../../api/names'
import { timeOfDay } from '../../shared/days'
import { struckOut } from '../../shared/entries'
import { useRecording } from './recording'

/** Everything recorded for the team, the newest first. Nothing is deleted: a mistake is struck out and stays readable. */
const props = defineProps<{ log: TeamSheet['log'] }>()
defineEmits<{ undo: [] }>()
const { team, round, record } = useRecording()
const striking = ref<TeamSheet['log'][number]>()
const reason = ref('')
const open = computed({
  get: () => striking.value !== undefined,
  set: (value) => {
    if (!value) striking.value = undefined
  },
})
const mayUndo = computed(() => props.log.some((l) => !l.struck))

async function strike() {
  if (!striking.value) return
  const sent = await record(struckOut(team.value, round.value, striking.value.entry, reason.value.trim()))
  if (sent.kind === 'refused') return
  striking.value = undefined
  reason.value = ''
}
</script>

<template>
  <section aria-labelledby="log">
    <div class="head">
      <h3 id="log">Recorded</h3>
      <Button
        label="Undo the last"
        variant="outlined"
        severity="secondary"
        class="touch"
        :disabled="!mayUndo"
        @click="$emit('undo')"
      />
    </div>
    <p v-if="log.length === 0" class="muted">Nothing yet.</p>
    <ul>
      <li v-for="line in log" :key="line.entry">
        <span class="small muted figures">{{ timeOfDay(line.at) }}</span>
        <span class="says">
          <component :is="line.struck ? 's' : 'span'">{{ line.says }}</component>
          <span v-if="line.struck" class="small muted"> struck out{{ line.why ? `: ${line.why}` : '' }}</span>
          <span v-if="line.by" class="small muted by">{{ line.by }}</span>
        </span>
        <Button
          v-if="!line.struck"
          label="Strike out"
          size="small"
          variant="text"
          severity="secondary"
          class="touch"
          :aria-label="`Strike out: ${line.says}`"
          @click="striking = line"
        />
      </li>
    </ul>
    <Dialog v-model:visible="open" modal header="Strike this out?" :style="{ width: '28rem' }" dismissable-mask>
      <form class="strike" @submit.prevent="strike">
        <p>
          <b>{{ striking?.says }}</b>
        </p>
        <p class="small muted">It no longer counts, and stays readable in the list.</p>
        <label for="strike-reason">Why (if you like)</label>
        <InputText id="strike-reason" v-model="reason" autofocus />
        <div class="ways">
          <Button type="submit" label="Strike it out" severity="danger" class="touch" />
          <Button type="button" label="Leave it" variant="outlined" class="touch" @click="open = false" />
        </div>
      </form>
    </Dialog>
  </section>
</template>

<style scoped>
h3 {
  color: var(--lagoon-deep);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
li {
  display: grid;
  grid-template-columns: 3.2rem minmax(0, 1fr) auto;
  align-items: center;
  gap: 0.5rem;
  border-bottom: var(--stitch);
  min-height: var(--touch);
}
.by::before {
  content: ' · ';
}
.says {
  overflow-wrap: anywhere;
}
.touch {
  min-height: var(--touch);
}
.strike {
  display: grid;
  gap: 0.6rem;
}
.ways {
  display: flex;
  gap: 0.6rem;
  padding-top: 0.5rem;
}
</style>
