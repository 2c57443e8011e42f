<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import BuntingRoute from '../../shared/BuntingRoute.vue'
import LoadNote from '../../shared/LoadNote.vue'
import StationHead from '../../shared/StationHead.vue'
import TopBar from '../../shared/TopBar.vue'
import { provideSnags } from '../../shared/snags'
import BriefSheet from './BriefSheet.vue'
import ConflictNote from './ConflictNote.vue'
import MeasureList from './MeasureList.vue'
import MethodStrips from './MethodStrips.vue'
import SavedNote from './SavedNote.vue'
import SnagList from './SnagList.vue'
import { useDraft } from './useDraft'

const props = defineProps<{ brief: string }>()
const router = useRouter()
const draft = useDraft(props.brief)
provideSnags(draft.problems)
void draft.open()

const next = computed(() => draft.checkup.value?.route[0]?.next)
const to = computed(() => ({ brief: `/briefs/${props.brief}`, teams: `/briefs/${props.brief}/teams` }))
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
        <SavedNote :state="draft.state.value" :at="draft.savedAt.value" />
        <a class="small" :href="`/api/briefs/${props.brief}/file`" download>File</a>
        <Button label="Make teams" :disabled="draft.problems.value.length > 0" @click="router.push(to.teams)" />
      </StationHead>
      <ConflictNote
        v-if="draft.state.value === 'conflict'"
        @keep="draft.keepMine"
        @copy="copyMine"
        @theirs="draft.takeTheirs"
      />
      <div v-if="draft.kept.value" class="kept" role="alert">
        <p>Changes from this browser were not saved last time.</p>
        <Button label="Use them" size="small" @click="draft.useKept" />
        <Button label="Let them go" size="small" variant="outlined" @click="draft.dropKept" />
      </div>
      <div class="two">
        <BriefSheet :brief="draft.brief.value" :scoring="draft.checkup.value?.scoring ?? []" />
        <aside class="margin not-on-paper">
          <SnagList :problems="draft.problems.value" />
          <MeasureList :brief="draft.brief.value" />
          <MethodStrips :brief="draft.brief.value" />
        </aside>
      </div>
    </template>
  </main>
</template>

<style scoped>
.brief {
  max-width: 84rem;
  margin: 0 auto;
  padding: 1rem 1.5rem 4rem;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 11fr) minmax(0, 8fr);
  gap: 2rem;
  padding-top: 1.25rem;
  align-items: start;
}
.margin {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 1.75rem;
}
.kept {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem;
  background: var(--marigold-wash);
  border: 2px dashed var(--marigold);
  padding: 0.6rem 1rem;
  margin-top: 1rem;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .two {
    display: block;
    padding: 0;
  }
  .brief {
    padding: 0;
  }
}
</style>
