<script setup lang="ts">
import { useRouter, onBeforeRouteLeave } from 'vue-router'
import ConflictNote from '@/shared/ConflictNote.vue'
import DifferenceTable from '@/shared/DifferenceTable.vue'
import LeftDraft from './LeftDraft.vue'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import RouteBar from '@/shared/RouteBar.vue'
import StationHead from '@/shared/StationHead.vue'
import Button from 'primevue/button'
import MarginTabs, { type Panel } from './MarginTabs.vue'
import SavedNote from './SavedNote.vue'
import SheetAndMargin from './SheetAndMargin.vue'
import StepButtons from './StepButtons.vue'
import MeasureList from './panels/MeasureList.vue'
import MethodStrips from './panels/MethodStrips.vue'
import SnagList from './panels/SnagList.vue'
import TryPanel from './panels/TryPanel.vue'
import BriefSheet from './sheet/BriefSheet.vue'
import { useBriefDraft } from './useBriefDraft'
import { useMargin } from './useMargin'
import { useTierSheet } from './useTierSheet'

/** One tier on the sheet itself: whatever is changed here differs for these grades alone. */
const props = defineProps<{ brief: string; tier: string }>()
const router = useRouter()
const draft = useBriefDraft(props.brief)
const sheet = useTierSheet(props.brief, props.tier, draft.brief)
const panels = ['differences', 'snags', 'measures', 'method', 'try'] as const satisfies readonly Panel[]
const { panel } = useMargin(sheet, 'differences', panels)
async function open() {
  await draft.open()
  await sheet.open()
}
void open()
async function takeTheirs() {
  await draft.takeTheirs()
  await sheet.open()
}
const back = `/briefs/${props.brief}?margin=tiers`
onBeforeRouteLeave(async () => {
  await sheet.take()
  await draft.settle()
})
</script>

<template>
  <RouteBar :name="draft.brief.value ? draft.brief.value.title || 'Untitled brief' : ''" :detail="sheet.name.value" />
  <main id="main" class="desk">
    <StationHead
      :title="`Sheet for ${sheet.name.value || 'a tier'}`"
      next="Change, add or remove anything. It differs for these grades only; everything else follows the brief."
    >
      <SavedNote
        :state="sheet.behind.value ?? draft.state.value"
        :at="draft.savedAt.value"
        :marked="Object.keys(sheet.halves.value).length > 0 || draft.unsaved.value.length > 0"
      />
      <StepButtons :steps="sheet" />
      <Button label="Back to the brief" variant="outlined" @click="router.push(back)" />
    </StationHead>
    <ConflictNote :of="draft.conflict.value" @theirs="takeTheirs" />
    <LoadNote
      v-if="!sheet.brief.value"
      :state="sheet.refusal.value ? 'refused' : draft.missing.value ? 'offline' : 'loading'"
      :refusal="sheet.refusal.value"
      what="the tier"
      @again="open"
    />
    <template v-else>
      <RefusalNote :refusal="sheet.refusal.value" />
      <LeftDraft :left="sheet.left.value" what="the tier" @restore="sheet.restore" @discard="sheet.discard" />
      <SheetAndMargin>
        <template #sheet>
          <BriefSheet :brief="sheet.brief.value" :scoring="sheet.checkup.value?.scoring ?? []" />
        </template>
        <template #margin>
          <MarginTabs v-model="panel" :snags="sheet.checkup.value?.snags ?? []" :only="panels">
            <section v-if="panel === 'differences'" aria-labelledby="differences">
              <h2 id="differences">Differences</h2>
              <DifferenceTable
                :differences="sheet.differences.value"
                before="The brief"
                :after="sheet.name.value"
                none="No differences yet."
              />
            </section>
            <SnagList
              v-else-if="panel === 'snags'"
              :brief="sheet.brief.value"
              :snags="sheet.checkup.value?.snags ?? []"
              :left="sheet.checkup.value?.left ?? []"
            />
            <MeasureList v-else-if="panel === 'measures'" :brief="sheet.brief.value" />
            <MethodStrips v-else-if="panel === 'method'" :brief="sheet.brief.value" />
            <TryPanel v-else :brief="sheet.brief.value" />
          </MarginTabs>
        </template>
      </SheetAndMargin>
    </template>
  </main>
</template>
