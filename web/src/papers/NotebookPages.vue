<script setup lang="ts">
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'
import { usePhotos } from '@/shared/usePhotos'
import DrawnByTeam from './DrawnByTeam.vue'
import ClassSheet from './notebook/ClassSheet.vue'
import TeamSheet from './notebook/TeamSheet.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** Pages for the teams' notebooks and one for the class: filled from what is there, the rest as lines to write on. */
const { now, rally } = useRallyPrinting()
const notebook = useLoad(() => ask(api.GET('/api/rallies/{id}/notebook', { params: { path: { id: rally.id } } })))
void notebook.load()
const album = usePhotos(rally.id)
const pageOf = (team: string) => notebook.data.value?.pages.find((p) => p.team === team)
</script>

<template>
  <LoadNote
    v-if="!notebook.data.value"
    :state="notebook.state.value"
    :refusal="notebook.refusal.value"
    what="the notebook"
    @again="notebook.load"
  />
  <template v-else>
    <template v-for="t in now.teams" :key="t.id">
      <PaperSheet v-if="pageOf(t.id)" title="Notebook page" :team="t">
        <DrawnByTeam :team="t" />
        <TeamSheet
          :page="pageOf(t.id)!"
          :goal="notebook.data.value.goal"
          :rally="rally.id"
          :photo="album.all.value.findLast((f) => f.team === t.id)"
        />
      </PaperSheet>
    </template>
    <PaperSheet v-if="now.teams.length === rally.teams.length" title="The class’s page">
      <ClassSheet :page="notebook.data.value.class" />
    </PaperSheet>
  </template>
</template>
