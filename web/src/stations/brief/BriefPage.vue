<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, nextTick, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import BuntingRoute from '@/shared/BuntingRoute.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { nextAt } from '@/shared/nextAt'
import StationHead from '@/shared/StationHead.vue'
import TopBar from '@/shared/TopBar.vue'
import { goTo, provideSnags } from '@/shared/snags'
import { useLoad } from '@/shared/useLoad'
import ConflictNote from './ConflictNote.vue'
import MarginTabs, { type Panel } from './MarginTabs.vue'
import SavedNote from './SavedNote.vue'
import HistoryPanel from './panels/HistoryPanel.vue'
import MeasureList from './panels/MeasureList.vue'
import MethodStrips from './panels/MethodStrips.vue'
import SnagList from './panels/SnagList.vue'
import StagesPanel from './panels/StagesPanel.vue'
import TeacherPanel from './panels/TeacherPanel.vue'
import TiersPanel from './panels/TiersPanel.vue'
import TimePanel from './panels/TimePanel.vue'
import TryPanel from './panels/TryPanel.vue'
import BriefSheet from './sheet/BriefSheet.vue'
import { useDraft } from './useDraft'
import { provideHalfTyped } from '@/fields/halfTyped'
import { provideRests } from '@/fields/rests'
import { provideWriting } from '@/fields/writing'

const props = defineProps<{ brief: string }>()
const router = useRouter()
const draft = useDraft(props.brief)
const choices = useLoad(() => ask(api.GET('/api/choices')))
provideSnags(draft.problems)
const panel = ref<Panel>('snags')
/** The table of several tiers needs the room of the sheet, which can be read beside it. */
const several = computed(() => (draft.brief.value?.tiers.length ?? 0) > 1)
provideHalfTyped(draft.halves)
provideWriting({
  brief: draft.brief,
  checkup: draft.checkup,
  choices: choices.data,
  mend: draft.mend,
  goTo: (place) => void show(place),
})
provideRests((at) => draft.checkup.value?.resting.find((r) => r.at === at)?.names ?? [])
void draft.open()
void choices.load()

/** Which panel of the margin holds the field at a place; the sheet holds the others. */
const panels: readonly (readonly [string, Panel])[] = [
  ['/measures', 'measures'],
  ['/figures', 'measures'],
  ['/summaries', 'measures'],
  ['/method', 'method'],
  ['/tiers', 'tiers'],
  ['/stages', 'stages'],
  ['/teacher', 'teacher'],
]
async function show(place: string) {
  panel.value = panels.find(([start]) => place.startsWith(start))?.[1] ?? panel.value
  await nextTick()
  goTo(place)
}

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (!(event.ctrlKey || event.metaKey) || event.altKey) return
  const key = event.key.toLowerCase()
  if (key === 'z' && !event.shiftKey) draft.undo()
  else if (key === 'y' || (key === 'z' && event.shiftKey)) draft.redo()
  else return
  event.preventDefault()
})

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
  <TopBar>
    <BuntingRoute v-if="draft.checkup.value" :pennants="draft.checkup.value.route" current="brief" :to="to" />
  </TopBar>
  <main id="main" class="brief">
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
        <SavedNote
          :state="draft.state.value"
          :at="draft.savedAt.value"
          :keeps="draft.keepsHere.value"
          :marked="draft.unsaved.value.length > 0"
        />
        <button type="button" class="act" :disabled="!draft.canUndo.value" @click="draft.undo">Undo</button>
        <button type="button" class="act" :disabled="!draft.canRedo.value" @click="() => draft.redo()">Redo</button>
        <RouterLink class="small" :to="`/briefs/${props.brief}/print`">Print</RouterLink>
        <a class="small" :href="`/api/briefs/${props.brief}/file`" download>File</a>
        <a class="small" :href="`/api/briefs/${props.brief}/markdown`" download>Markdown</a>
        <Button label="Make teams" :disabled="draft.problems.value.length > 0" @click="router.push(to.teams)" />
      </StationHead>
      <ConflictNote
        v-if="draft.state.value === 'conflict'"
        :differences="draft.conflict.value"
        @keep="draft.keepMine"
        @copy="copyMine"
        @theirs="draft.takeTheirs"
      />
      <div v-if="draft.kept.value" class="kept heed" role="alert">
        <p>Changes from this browser were not saved last time, and the brief has been changed since.</p>
        <Button label="Use them" size="small" @click="draft.useKept" />
        <Button label="Let them go" size="small" variant="outlined" @click="draft.dropKept" />
      </div>
      <div class="two" :class="{ wide: panel === 'tiers' && several }">
        <BriefSheet :brief="draft.brief.value" :scoring="draft.checkup.value?.scoring ?? []" />
        <aside class="margin" aria-label="Margin of the sheet">
          <MarginTabs v-model="panel" :snags="snags">
            <SnagList
              v-if="panel === 'snags'"
              :brief="draft.brief.value"
              :snags="snags"
              :left="draft.checkup.value?.left ?? []"
            />
            <MeasureList v-else-if="panel === 'measures'" :brief="draft.brief.value" />
            <MethodStrips v-else-if="panel === 'method'" :brief="draft.brief.value" />
            <TryPanel v-else-if="panel === 'try'" :brief="draft.brief.value" />
            <TiersPanel v-else-if="panel === 'tiers'" :brief="draft.brief.value" />
            <TimePanel v-else-if="panel === 'time'" :id="props.brief" />
            <StagesPanel v-else-if="panel === 'stages'" :brief="draft.brief.value" />
            <TeacherPanel v-else-if="panel === 'teacher'" :brief="draft.brief.value" />
            <HistoryPanel v-else :id="props.brief" @restore="draft.restore" />
          </MarginTabs>
        </aside>
      </div>
    </template>
  </main>
</template>

<style scoped>
.brief {
  max-width: 92rem;
  margin: 0 auto;
  padding: 1rem 1.5rem 4rem;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 11fr) minmax(0, 9fr);
  gap: 2rem;
  padding-top: 1rem;
  align-items: start;
}
.two.wide {
  grid-template-columns: minmax(0, 2fr) minmax(0, 5fr);
}
.margin {
  position: sticky;
  top: 0;
  max-height: 100vh;
  overflow-y: auto;
  padding: 0.25rem 0.25rem 2rem;
}
.kept {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem;
  margin-top: 1rem;
}
.act:disabled {
  color: var(--muted);
  text-decoration: none;
  cursor: default;
}
@media (max-width: 900px) {
  .two,
  .two.wide {
    grid-template-columns: minmax(0, 1fr);
  }
  .margin {
    position: static;
    max-height: none;
  }
}
</style>
