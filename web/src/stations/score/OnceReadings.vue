<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed, onBeforeUnmount, ref } from 'vue'
import type { JudgeRallyView, Refusal, TeamSheet } from '@/api/names'
import ReadingField from '@/pads/readings/ReadingField.vue'
import TakeReading from '@/pads/readings/TakeReading.vue'
import { measureRead, reading } from '@/shared/entries'
import { useDraftKey, useRecording } from '@/pads/recording'
import { useDraft } from '@/shared/useDraft'
import FoldButton from './FoldButton.vue'

/** What is measured once for the team's design. Once they are all read a line is enough. */
const props = defineProps<{ once: TeamSheet['once']; rally: JudgeRallyView; refusal?: Refusal }>()
const { team, round, recordTyped } = useRecording()
let gone = false
onBeforeUnmount(() => (gone = true))
const { draft: typed } = useDraft<Record<string, string>>(() => ({}), useDraftKey('once'))
/** The reading that an instrument gave, as long as it is not typed over. */
const taken = ref<Record<string, { typed: string; instrument: string }>>({})
/** What was refused, as it stood: what is wrong with it is said until something else is typed. */
const refused = ref<{ measure: string; text: string }>()
/** The measure that is being read again. */
const again = ref('')
const all = computed(() => props.once.every((o) => o.shown) && !props.once.some((o) => holds(o.measure)))
/** They fold where they were all read when the sheet was opened: nothing moves under the finger that records one. */
const folded = ref(props.once.every((o) => o.shown))
const holds = (measure: string) => (typed.value[measure] ?? '').trim() !== ''
/** What came from elsewhere while one was typed here. */
const meanwhile = (o: TeamSheet['once'][number]) => o.shown !== '' && again.value !== o.measure && holds(o.measure)
const line = computed(() => props.once.map((o) => `${measureOf(o.measure)?.name ?? ''} ${o.shown}`).join(', '))
const measureOf = (id: string) => props.rally.brief.measures.find((m) => m.id === id)

async function send(measure: string, sure = false) {
  const text = typed.value[measure] ?? ''
  const instrument = taken.value[measure]?.typed === text ? (taken.value[measure]?.instrument ?? '') : ''
  const entry = measureRead(team.value, round.value, reading(measure, text, { sure, instrument }))
  typed.value[measure] = ''
  again.value = ''
  // What is refused comes back, unless something else is typed by then, or another team's sheet is open.
  await recordTyped(() => {
    if (gone || holds(measure)) return false
    typed.value[measure] = text
    refused.value = { measure, text }
    return true
  }, entry)
}
function wrongWith(measure: string) {
  if (refused.value?.measure !== measure || refused.value.text !== typed.value[measure]) return undefined
  return props.refusal?.problems.find((p) => p.at.startsWith('/reading/'))
}
</script>

<template>
  <section aria-labelledby="once">
    <div class="head">
      <h3 id="once">Measured once</h3>
      <FoldButton v-if="all" of="measured once" :open="!folded" @fold="folded = !folded" />
    </div>
    <p v-if="all && folded" class="small figures">{{ line }}</p>
    <template v-for="o in once" v-else :key="o.measure">
      <p v-if="o.shown && again !== o.measure && !holds(o.measure)" class="once">
        <span>{{ measureOf(o.measure)?.name }}</span>
        <b class="figures">{{ o.shown }}</b>
        <PadButton
          label="Read again"
          class="touch"
          variant="outlined"
          :aria-label="`Read again: ${measureOf(o.measure)?.name}`"
          @click="again = o.measure"
        />
      </p>
      <form v-else novalidate :aria-label="measureOf(o.measure)?.name" @submit.prevent="send(o.measure)">
        <ReadingField
          v-if="measureOf(o.measure)"
          :model-value="typed[o.measure] ?? ''"
          :measure="measureOf(o.measure)!"
          :pad="rally.pads[o.measure]!"
          :forms="rally.forms[o.measure] ?? []"
          :problem="wrongWith(o.measure)"
          @update:model-value="typed[o.measure] = $event"
          @sure="send(o.measure, true)"
        >
          <TakeReading
            :rally="rally.id"
            :kind="measureOf(o.measure)!.kind"
            @taken="(t) => ((taken[o.measure] = t), (typed[o.measure] = t.typed))"
          />
        </ReadingField>
        <PadButton type="submit" label="Record" class="touch" :aria-label="`Record: ${measureOf(o.measure)?.name}`" />
        <p v-if="meanwhile(o)" class="heed meanwhile" role="alert">
          Another device has recorded <b class="figures">{{ o.shown }}</b> meanwhile. Record yours as well, or
          <button type="button" class="act" @click="typed[o.measure] = ''">clear it</button>.
        </p>
      </form>
    </template>
  </section>
</template>

<style scoped>
h3 {
  color: var(--lagoon-deep);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
form {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  justify-content: space-between;
  gap: var(--space-5);
  padding: var(--space-3) 0;
}
.meanwhile {
  flex: 1 0 100%;
}
.once {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 8rem;
  align-items: center;
  gap: var(--space-5);
  padding: var(--space-2) 0;
  border-bottom: var(--rule);
}
@media (max-width: 700px) {
  h3 {
    font-size: var(--size-small);
  }
}
</style>
