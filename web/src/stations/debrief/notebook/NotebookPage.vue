<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { shortDay } from '@/shared/days'
import { useRally } from '@/shared/openRally'
import { teamMarks } from '@/shared/teamMarks'
import { useLoad } from '@/shared/useLoad'
import { usePhotos } from '@/shared/usePhotos'
import ClassSheet from './ClassSheet.vue'
import TeamSheet from './TeamSheet.vue'

/** Pages for the teams' notebooks and one for the class: filled from what is there, the rest as lines to write on. */
const { rally, inRound } = useRally()
const id = rally.value?.id ?? ''
const notebook = useLoad(() => ask(api.GET('/api/rallies/{id}/notebook', { params: { path: { id } } })))
void notebook.load()
const album = usePhotos(id)
const which = ref('all')
const marks = computed(() => teamMarks(rally.value?.teams ?? []))
const day = computed(() => (rally.value?.date ? shortDay(rally.value.date) : ''))
const print = () => window.print()
</script>

<template>
  <main v-if="rally" id="main" class="notebook">
    <StationHead
      class="not-on-paper"
      title="Notebook"
      next="A page a team and one for the class. Black and white works."
    >
      <RouterLink :to="inRound(`/rallies/${id}/debrief`)">Debrief</RouterLink>
      <select v-model="which" class="inline" aria-label="Which pages">
        <option value="all">all pages</option>
        <option v-for="p in notebook.data.value?.pages ?? []" :key="p.team" :value="p.team">{{ p.name }}</option>
        <option value="class">the class’s page</option>
      </select>
      <Button label="Print" size="small" @click="print" />
    </StationHead>
    <LoadNote
      v-if="!notebook.data.value"
      :state="notebook.state.value"
      :refusal="notebook.refusal.value"
      what="the notebook"
      @again="notebook.load"
    />
    <template v-else>
      <template v-for="p in notebook.data.value.pages" :key="p.team">
        <TeamSheet
          v-if="which === 'all' || which === p.team"
          :page="p"
          :title="notebook.data.value.title"
          :goal="notebook.data.value.goal"
          :day="day"
          :mark="marks.get(p.team)!"
          :rally="id"
          :photo="album.all.value.findLast((f) => f.team === p.team)"
        />
      </template>
      <ClassSheet
        v-if="which === 'all' || which === 'class'"
        :page="notebook.data.value.class"
        :title="notebook.data.value.title"
        :name="rally.name"
        :day="day"
      />
    </template>
  </main>
</template>

<style scoped>
.notebook {
  max-width: 52rem;
  margin: 0 auto;
  padding: 1rem 1.5rem 4rem;
  display: grid;
  gap: 2rem;
}
@media print {
  .notebook {
    display: block;
    padding: 0;
    max-width: none;
  }
}
</style>
