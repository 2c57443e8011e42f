<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { ClassHistory, ClassOpened } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import ConflictNote from '@/shared/ConflictNote.vue'
import { useRefusal } from '@/fields/useRefusal'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import RowMenu from '@/shared/RowMenu.vue'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import { useMeanwhile } from '@/shared/useMeanwhile'
import ClassPaste from '@/stations/teams/ClassPaste.vue'
import StudentLines from './StudentLines.vue'
import { latest } from '@/shared/latest'
import { done, notDone } from '@/shared/useDone'
import { singly } from '@/shared/singly'

/** The classes: their students, who has had which job, and who has worked with whom. */
const classes = useLoad(() => ask(api.GET('/api/classes')))
const choices = useLoad(() => ask(api.GET('/api/choices')))
void choices.load()
const chosen = ref('')
const pasting = ref(false)
const history = ref<ClassHistory>()
const name = ref('')
const refusal = useRefusal(() => ({ name: name.value }))
const group = computed(() => classes.data.value?.find((c) => c.id === chosen.value))
const askHistory = latest((id: string) => ask(api.GET('/api/classes/{id}/history', { params: { path: { id } } })))
async function load() {
  await classes.load()
  if (!group.value) chosen.value = classes.data.value?.[0]?.id ?? ''
  if (!chosen.value) return
  const answer = await askHistory(chosen.value)
  if (answer?.ok) history.value = answer.data
}
void load()
watch(chosen, () => void load())
async function added(made: ClassOpened) {
  chosen.value = made.id
  await load()
}
const { meanwhile, cameSecond, letGo } = useMeanwhile(load)
async function rename(id: string, to: string) {
  const was = group.value?.students.find((p) => p.id === id)?.name ?? ''
  const body = { was: { name: was }, now: { name: to } }
  const answer = await ask(api.PUT('/api/students/{id}', { params: { path: { id } }, body }))
  if (await cameSecond(answer, () => rename(id, to))) return
  notDone(answer)
  await load()
}
async function add() {
  const answer = await ask(
    api.POST('/api/classes/{id}/students', { params: { path: { id: chosen.value } }, body: { name: name.value } }),
  )
  refusal.value = refusalOf(answer, 'What you typed is still here. Try again.')
  if (answer.ok) name.value = ''
  await load()
}
async function setPhotos(taken: boolean) {
  await done(api.PUT('/api/classes/{id}/photos', { params: { path: { id: chosen.value } }, body: { taken } }))
  await load()
}
async function setStudentPhotos(id: string, taken: boolean) {
  await done(api.PUT('/api/students/{id}/photos', { params: { path: { id } }, body: { taken } }))
  await load()
}
const removing = ref<string>()
const removedName = computed(() => group.value?.students.find((p) => p.id === removing.value)?.name ?? '')
async function remove() {
  if (!removing.value) return
  await done(api.DELETE('/api/students/{id}', { params: { path: { id: removing.value } } }))
  await load()
}
const leaving = ref<string>()
async function removeClass() {
  if (!leaving.value) return
  await done(api.DELETE('/api/classes/{id}', { params: { path: { id: leaving.value } } }))
  chosen.value = ''
  await load()
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead
      title="Classes"
      next="Students are listed by first name and initial. Jobs and partners come from their rallies."
    >
      <Select
        v-if="classes.data.value && classes.data.value.length > 0"
        v-model="chosen"
        :options="[...classes.data.value]"
        option-label="name"
        option-value="id"
        aria-label="Class"
      />
      <Button label="New class" variant="outlined" @click="pasting = true" />
      <RowMenu
        v-if="group"
        :of="group.name"
        :actions="[{ label: 'Delete', danger: true, act: () => (leaving = chosen) }]"
      />
    </StationHead>
    <ClassPaste v-model="pasting" @added="added" />
    <LoadNote
      v-if="!classes.data.value"
      :state="classes.state.value"
      :refusal="classes.refusal.value"
      what="the classes"
      @again="load"
    />
    <p v-else-if="!group" class="muted">No classes yet. Paste a list, with one student on each line.</p>
    <template v-else>
      <ConflictNote :of="meanwhile" @theirs="letGo" />
      <StudentLines
        v-if="history"
        :students="group.students"
        :preferences="group.preferences"
        :history="history"
        :jobs="choices.data.value?.jobs ?? []"
        @rename="rename"
        @remove="(id) => (removing = id)"
        @photos="setStudentPhotos"
      />
      <form class="add" novalidate @submit.prevent="singly(add)">
        <InputText v-model="name" aria-label="New student" placeholder="First name and initial" />
        <Button type="submit" label="Add student" />
      </form>
      <RefusalNote :refusal="refusal" />
      <div class="photos">
        <ToggleSwitch
          input-id="photos"
          :model-value="group.photos"
          aria-describedby="photos-say"
          @update:model-value="setPhotos"
        />
        <label for="photos">Photos of their work may be taken</label>
        <span id="photos-say" class="small muted"
          >If not, no photo is taken in any rally of this class. Where only one student may not be in a photo, say so in
          the list: the team’s sheet then asks for photos of the work alone.</span
        >
      </div>
      <AskRemoval
        v-model="removing"
        :what="removedName"
        goes="The name is removed from the class and from every rally at once. What the teams recorded stays."
        @yes="remove"
      />
      <AskRemoval
        v-model="leaving"
        :what="group.name"
        :goes="`The class and its students (${group.students.length}). Its rallies stay, without their names.`"
        @yes="removeClass"
      />
    </template>
  </main>
</template>

<style scoped>
.photos {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-4);
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
</style>
