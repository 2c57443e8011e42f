<script setup lang="ts">
import Button from 'primevue/button'
import { computed, watch } from 'vue'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import BuntingRoute from '@/shared/BuntingRoute.vue'
import LeftDraft from './LeftDraft.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { nextAt } from '@/shared/nextAt'
import { useLoad } from '@/shared/useLoad'
import RouteBar from '@/shared/RouteBar.vue'
import StationHead from '@/shared/StationHead.vue'
import ConflictNote from '@/shared/ConflictNote.vue'
import MarginTabs from './MarginTabs.vue'
import SheetAndMargin from './SheetAndMargin.vue'
import StepButtons from './StepButtons.vue'
import SavedNote from './SavedNote.vue'
import HistoryPanel from './panels/HistoryPanel.vue'
import LastTimePanel from './panels/LastTimePanel.vue'
import MeasureList from './panels/MeasureList.vue'
import MethodStrips from './panels/MethodStrips.vue'
import RehearsalPanel from './panels/RehearsalPanel.vue'
import SnagList from './panels/SnagList.vue'
import StagesPanel from './panels/StagesPanel.vue'
import TeacherPanel from './panels/TeacherPanel.vue'
import TiersPanel from './panels/TiersPanel.vue'
import TimePanel from './panels/TimePanel.vue'
import TryPanel from './panels/TryPanel.vue'
import BriefSheet from './sheet/BriefSheet.vue'
import { useBriefDraft } from './useBriefDraft'
import { useMargin } from './useMargin'

const props = defineProps<{ brief: string }>()
const router = useRouter()
const draft = useBriefDraft(props.brief)
/** A link may ask for a panel of the margin. */
const asked = useRoute().query.margin
const { panel } = useMargin(draft, asked === 'last' || asked === 'rehearsal' || asked === 'tiers' ? asked : 'snags')
/** The table of several tiers, and bars beside sentences, need the room of the sheet, which can be read beside them. */
const several = computed(() => (draft.brief.value?.tiers.length ?? 0) > 1)
void draft.open()
onBeforeRouteLeave(() => draft.settle())
/** What earlier rallies leave, compared with the brief as it was saved last. */
const memory = useLoad(() => ask(api.GET('/api/briefs/{id}/memory', { params: { path: { id: props.brief } } })))
watch(draft.savedAt, () => void memory.load(), { immediate: true })

const next = computed(() => nextAt(draft.checkup.value?.route, 'brief'))
const snags = draft.snags
const to = computed(() => ({
  brief: `/briefs/${props.brief}`,
  kit: `/briefs/${props.brief}/kit`,
  teams: `/briefs/${props.brief}/teams`,
}))
async function copyMine() {
  const id = await draft.copyMine()
  if (id) await router.push(`/briefs/${id}`)
}
</script>

<template>
  <RouteBar :name="draft.brief.value ? draft.brief.value.title || 'Untitled brief' : ''" detail="Brief">
    <BuntingRoute v-if="draft.checkup.value" :pennants="draft.checkup.value.route" current="brief" :to="to" />
  </RouteBar>
  <main id="main" class="desk">
    <LoadNote
      v-if="!draft.brief.value"
      :state="
        !draft.missing.value ? 'loading' : draft.missing.value.ok || draft.missing.value.offline ? 'offline' : 'refused'
      "
      :refusal="
        draft.missing.value && !draft.missing.value.ok && !draft.missing.value.offline
          ? draft.missing.value.refusal
          : undefined
      "
      what="the brief"
      @again="draft.open"
    />
    <template v-else>
      <StationHead title="Brief" :next="next">
        <SavedNote :state="draft.state.value" :at="draft.savedAt.value" :marked="draft.unsaved.value.length > 0" />
        <StepButtons :steps="draft" />
        <RouterLink class="small" :to="`/briefs/${props.brief}/print`">Print</RouterLink>
        <a class="small" :href="`/api/briefs/${props.brief}/file`" download>File</a>
        <a class="small" :href="`/api/briefs/${props.brief}/markdown`" download>Markdown</a>
        <Button label="Make teams" :disabled="draft.problems.value.length > 0" @click="router.push(to.teams)" />
      </StationHead>
      <ConflictNote :of="draft.conflict.value" @theirs="draft.takeTheirs">
        <Button label="Save mine as a copy" variant="outlined" @click="copyMine" />
      </ConflictNote>
      <LeftDraft :left="draft.kept.value" what="the brief" @restore="draft.useKept" @discard="draft.dropKept" />
      <SheetAndMargin :wide="(panel === 'tiers' && several) || panel === 'rehearsal'">
        <template #sheet>
          <BriefSheet :brief="draft.brief.value" :scoring="draft.checkup.value?.scoring ?? []" />
        </template>
        <template #margin>
          <MarginTabs v-model="panel" :snags="snags" :offers="memory.data.value?.offers.length ?? 0">
            <SnagList
              v-if="panel === 'snags'"
              :brief="draft.brief.value"
              :snags="snags"
              :left="draft.checkup.value?.left ?? []"
            />
            <MeasureList v-else-if="panel === 'measures'" :brief="draft.brief.value" />
            <MethodStrips v-else-if="panel === 'method'" :brief="draft.brief.value" />
            <TryPanel v-else-if="panel === 'try'" :brief="draft.brief.value" />
            <RehearsalPanel
              v-else-if="panel === 'rehearsal'"
              :id="props.brief"
              :brief="draft.brief.value"
              @undo="draft.undo"
            />
            <TiersPanel v-else-if="panel === 'tiers'" :id="props.brief" :brief="draft.brief.value" />
            <TimePanel v-else-if="panel === 'time'" :id="props.brief" />
            <StagesPanel v-else-if="panel === 'stages'" :brief="draft.brief.value" />
            <TeacherPanel v-else-if="panel === 'teacher'" :brief="draft.brief.value" />
            <LastTimePanel v-else-if="panel === 'last'" :memory="memory.data.value" />
            <HistoryPanel v-else :id="props.brief" @restore="draft.restore" />
          </MarginTabs>
        </template>
      </SheetAndMargin>
    </template>
  </main>
</template>

<style scoped></style>
