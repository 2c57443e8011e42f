<script setup lang="ts">
import Button from 'primevue/button'
import { computed, watch } from 'vue'
import { useRouter } from 'vue-router'
import LeftDraft from './LeftDraft.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { useRally } from '@/shared/openRally'
import StationHead from '@/shared/StationHead.vue'
import MarginTabs, { type Panel } from './MarginTabs.vue'
import SheetAndMargin from './SheetAndMargin.vue'
import StepButtons from './StepButtons.vue'
import KeepChange from './KeepChange.vue'
import MeasureList from './panels/MeasureList.vue'
import MethodStrips from './panels/MethodStrips.vue'
import SnagList from './panels/SnagList.vue'
import TimePanel from './panels/TimePanel.vue'
import TryPanel from './panels/TryPanel.vue'
import BriefSheet from './sheet/BriefSheet.vue'
import { useMargin } from './useMargin'
import { useBriefChange } from './useBriefChange'

/**
 * The brief of a rally, changed while it is run: the same sheet as on the shelf, and what it would change before it is
 * kept.
 */
const { rally, round, inRound } = useRally()
const router = useRouter()
const change = useBriefChange(rally.value?.id ?? '', round)
const { brief, checkup, onlyThisRound, refusal, changed } = change
const panels = ['snags', 'measures', 'method', 'try', 'time'] as const satisfies readonly Panel[]
const { panel } = useMargin(change, 'method', panels)
watch(round, () => void change.open(), { immediate: true })

const rounds = computed(() => Array.from({ length: (rally.value?.progress.rounds ?? 1) + 1 }, (_, i) => i + 1))
const chooseRound = (event: Event) =>
  void router.push({ query: { round: Number((event.target as HTMLSelectElement).value) } })
const back = computed(() => inRound(`/rallies/${rally.value?.id}/brief`))
const next = computed(() =>
  changed.value
    ? 'Preview the changes, give a reason, then save.'
    : 'Change the sheet. Nothing counts before it is saved.',
)
</script>

<template>
  <main v-if="rally" id="main" class="desk">
    <StationHead title="Edit this rally’s brief" :next="next">
      <StepButtons :steps="change" />
      <button v-if="changed" type="button" class="act" @click="change.letGo">Discard all changes</button>
      <RouterLink class="small" :to="back">Back to the brief</RouterLink>
    </StationHead>
    <LoadNote
      v-if="!brief"
      :state="refusal ? 'refused' : 'loading'"
      :refusal="refusal"
      what="the brief"
      @again="change.open"
    />
    <template v-else>
      <div class="bar">
        <p class="line">
          Changed from round
          <select class="inline" :value="round" aria-label="Changed from round" @change="chooseRound">
            <option v-for="n in rounds" :key="n" :value="n">{{ n }}</option></select
          >,
          <select v-model="onlyThisRound" class="inline" aria-label="For how long">
            <option :value="false">and all rounds after it</option>
            <option :value="true">that round alone</option></select
          >.
        </p>
        <Button label="Preview changes" :disabled="!changed" @click="change.preview" />
      </div>
      <KeepChange :change="change" :back="back" />
      <LeftDraft :left="change.left.value" what="the brief" @restore="change.restore" @discard="change.discard" />
      <SheetAndMargin>
        <template #sheet><BriefSheet :brief="brief" :scoring="checkup?.scoring ?? []" /></template>
        <template #margin>
          <MarginTabs v-model="panel" :snags="checkup?.snags ?? []" :only="panels">
            <SnagList
              v-if="panel === 'snags'"
              :brief="brief"
              :snags="checkup?.snags ?? []"
              :left="checkup?.left ?? []"
            />
            <MeasureList v-else-if="panel === 'measures'" :brief="brief" />
            <MethodStrips v-else-if="panel === 'method'" :brief="brief" />
            <TryPanel v-else-if="panel === 'try'" :brief="brief" />
            <TimePanel v-else />
          </MarginTabs>
        </template>
      </SheetAndMargin>
    </template>
  </main>
</template>

<style scoped>
.desk {
  --bar: 4rem;
}
/* What is changed at the foot of a long sheet is looked at from there. */
.bar {
  position: sticky;
  top: 0;
  z-index: 3;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-6);
  align-items: center;
  padding: var(--space-3) 0;
  background: var(--paper);
  border-bottom: var(--rule);
}
</style>
