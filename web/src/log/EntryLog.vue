<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import type { LogLine } from '@/api/names'
import { partOfAnother } from '@/shared/entries'
import { timeOfDay } from '@/shared/days'
import type { Sent } from '@/shared/useOutbox'
import { singly } from '@/shared/singly'

type Line = LogLine & { mayStrike?: boolean }

/** What was recorded, the newest first. Nothing is deleted: a mistake is crossed out and stays readable. */
const props = defineProps<{
  log: readonly Line[]
  strike: (entry: string, why: string) => Promise<Sent>
  heading?: 'h2' | 'h3'
  /** What became of an attempt, by its entry: it can change with what is said of it later. */
  became?: Readonly<Record<string, string>>
}>()
const striking = ref<Line>()
const reason = ref('')
const open = computed({
  get: () => striking.value !== undefined,
  set: (value) => {
    if (!value) striking.value = undefined
  },
})
const noStep = new Set<string>(Object.values(partOfAnother))
/** What was done last: the newest entry that stands, or a strike on purpose that is newer. */
const last = computed(() => {
  const may = props.log.filter((l) => l.mayStrike !== false)
  const standing = may.find((l) => !l.struck)
  const when = (at: string | null | undefined) => (at ? Date.parse(at) : 0)
  const strike = may
    .filter((l) => l.struck && !noStep.has(l.why))
    .toSorted((one, other) => when(other.struckAt) - when(one.struckAt))[0]
  return strike && when(strike.struckAt) > when(standing?.at) ? strike.strikes.at(-1) : standing?.entry
})
const undo = () => last.value && void props.strike(last.value, partOfAnother.undone)
defineExpose({ undo })
const takeBack = (line: Line) => props.strike(line.strikes.at(-1)!, 'undone')

async function strikeOut() {
  if (!striking.value) return
  const sent = await props.strike(striking.value.entry, reason.value.trim())
  if (sent.kind === 'refused') return
  striking.value = undefined
  reason.value = ''
}
</script>

<template>
  <section aria-labelledby="log">
    <div class="head">
      <component :is="heading ?? 'h3'" id="log">Recorded</component>
      <PadButton
        label="Undo the last"
        variant="outlined"
        severity="secondary"
        class="touch"
        :disabled="!last"
        @click="undo"
      />
    </div>
    <p v-if="log.length === 0" class="muted">Nothing yet.</p>
    <ul>
      <li v-for="line in log" :key="line.entry">
        <span class="small muted figures">{{ timeOfDay(line.at) }}</span>
        <span class="says">
          <component :is="line.struck ? 's' : 'span'">{{ line.says }}</component><template
            v-if="!line.struck && became?.[line.entry]"
            >, {{ became[line.entry] }}</template
          >
          <span v-if="line.struck" class="small muted"> crossed out{{ line.why ? `: ${line.why}` : '' }}</span>
          <span v-if="line.by" class="small muted by">{{ line.by }}</span>
        </span>
        <PadButton
          v-if="!line.struck && line.mayStrike !== false"
          label="Cross out"
          size="small"
          variant="text"
          severity="secondary"
          class="touch"
          :aria-label="`Cross out: ${line.says}`"
          @click="striking = line"
        />
        <PadButton
          v-else-if="line.struck && line.mayStrike !== false"
          label="Restore"
          size="small"
          variant="text"
          severity="secondary"
          class="touch"
          :aria-label="`Restore, so that it counts again: ${line.says}`"
          @click="takeBack(line)"
        />
      </li>
    </ul>
    <Dialog v-model:visible="open" modal header="Cross this out?" :style="{ width: '28rem' }" dismissable-mask>
      <form class="strike" @submit.prevent="singly(strikeOut)">
        <p>
          <b>{{ striking?.says }}</b>
        </p>
        <p class="small muted">It no longer counts, and stays readable in the list.</p>
        <label for="strike-reason">Why (if you like)</label>
        <InputText id="strike-reason" v-model="reason" autofocus />
        <div class="touch-row">
          <PadButton type="submit" label="Cross it out" severity="danger" class="touch" />
          <PadButton type="button" label="Cancel" variant="outlined" class="touch" @click="open = false" />
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
  grid-template-columns: 4.4rem minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-3);
  border-bottom: var(--rule);
  min-height: var(--touch);
}
.by::before {
  content: ' · ';
}
.says {
  overflow-wrap: anywhere;
}
.strike {
  display: grid;
  gap: var(--space-3);
}
</style>
