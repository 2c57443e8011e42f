<script setup lang="ts">
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'
import { useSchool } from '@/school/useSchool'
import DayPaperDesk from './DayPaperDesk.vue'

/** All paper of a fair day. */
const props = defineProps<{ day: string }>()
const day = useLoad(() => ask(api.GET('/api/days/{id}', { params: { path: { id: props.day } } })))
void day.load()
const { school } = useSchool()
</script>

<template>
  <DayPaperDesk
    v-if="day.data.value && school"
    :day="day.data.value"
    :paper="school.paper === 'letter' ? 'letter' : 'A4'"
  />
  <main v-else id="main" class="desk stack">
    <LoadNote :state="day.state.value" :refusal="day.refusal.value" what="the day" @again="day.load" />
  </main>
</template>
