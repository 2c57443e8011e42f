<script setup lang="ts">
import { computed, ref } from 'vue'
import LessonScale from '@/shared/LessonScale.vue'
import { useWriting } from '@/fields/writing'

/**
 * The phases laid over the lessons, drawn to scale, and what would make them fit; for a brief on the shelf, also into
 * the calendar.
 */
const props = defineProps<{ id?: string }>()
const { checkup, applyChanges } = useWriting()
const table = computed(() => checkup.value?.timetable)
const begins = ref(`${new Date().toLocaleDateString('sv-SE')}T09:00`)
const every = ref(7)
const calendar = computed(
  () => `/api/briefs/${props.id}/calendar?begins=${encodeURIComponent(begins.value)}&every=${every.value}`,
)
</script>

<template>
  <section aria-labelledby="time">
    <h2 id="time">Time</h2>
    <p :class="{ wrong: table && !table.fits }">{{ table?.says }}</p>
    <LessonScale :lessons="table?.lessons ?? []" />
    <template v-if="(table?.offers.length ?? 0) > 0">
      <h3>Ways to make it fit</h3>
      <ul>
        <li v-for="o in table?.offers" :key="o.label" class="offer">
          <button type="button" class="fix" :class="{ not: !o.fits }" @click="applyChanges(o.changes)">
            {{ o.label }}
          </button>
          <span class="small muted">{{ o.says }}</span>
        </li>
      </ul>
    </template>
    <template v-if="id && (table?.lessons.length ?? 0) > 0">
      <h3>Add to a calendar</h3>
      <p class="line">
        The first lesson starts
        <input v-model="begins" type="datetime-local" class="inline" aria-label="First lesson" />, the next ones every
        <input v-model.number="every" type="number" min="1" max="365" class="inline days" aria-label="Days between" />
        days. <a :href="calendar" download>Calendar file</a>
      </p>
    </template>
  </section>
</template>

<style scoped>
h3 {
  margin-top: var(--space-4);
}
.offer {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  padding: var(--space-2) 0;
}
.days {
  width: 3.5rem;
  field-sizing: fixed;
}
</style>
