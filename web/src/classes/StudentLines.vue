<script setup lang="ts">
import { computed } from 'vue'
import type { ClassHistory, ClassOpened, Job } from '@/api/names'

/** A line for each student: the name, how often each job was held, and the partners so far. */
const props = defineProps<{ students: ClassOpened['students']; history: ClassHistory; jobs: readonly Job[] }>()
const emit = defineEmits<{ rename: [id: string, to: string]; remove: [id: string] }>()
const held = computed(() => new Map(props.history.jobs.map((h) => [`${h.student}|${h.job}`, h.times])))
/** The usual jobs first, then those that only some brief had. */
const columns = computed(() => {
  const usual = props.jobs.map((j) => ({ id: j.id, name: j.name }))
  const others = [...new Set(props.history.jobs.map((h) => h.job))].filter((id) => !usual.some((j) => j.id === id))
  return [...usual, ...others.map((id) => ({ id, name: id }))]
})
const nameOf = computed(() => new Map(props.students.map((p) => [p.id, p.name])))
function partners(id: string) {
  return props.history.pairs
    .filter((p) => p.one === id || p.other === id)
    .map((p) => ({ name: nameOf.value.get(p.one === id ? p.other : p.one), times: p.times }))
    .filter((p) => p.name !== undefined)
    .sort((a, b) => b.times - a.times)
    .map((p) => (p.times > 1 ? `${p.name} (${p.times})` : p.name))
    .join(', ')
}
function rename(id: string, event: Event) {
  const to = (event.target as HTMLInputElement).value.trim()
  if (to !== nameOf.value.get(id)) emit('rename', id, to)
}
</script>

<template>
  <div class="scroll">
    <table class="rows">
      <thead>
        <tr>
          <th scope="col">Student</th>
          <th v-for="j in columns" :key="j.id" scope="col" class="number">{{ j.name }}</th>
          <th scope="col">Has worked with</th>
          <th><span class="out-of-sight">Delete</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in students" :key="p.id">
          <th scope="row">
            <input class="inline" :value="p.name" :aria-label="`Name of ${p.name}`" @change="rename(p.id, $event)" />
          </th>
          <td v-for="j in columns" :key="j.id" class="number">{{ held.get(`${p.id}|${j.id}`) ?? '–' }}</td>
          <td class="small">{{ partners(p.id) || 'nobody yet' }}</td>
          <td class="small end">
            <button type="button" class="act" :aria-label="`Delete: ${p.name}`" @click="emit('remove', p.id)">
              Delete
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.end {
  text-align: right;
  white-space: nowrap;
}
</style>
