<script setup lang="ts">
import Column from 'primevue/column'
import DataTable from 'primevue/datatable'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed } from 'vue'
import type { ClassHistory, ClassOpened, Job } from '@/api/names'
import { vTyped } from '@/fields/vTyped'
import { shortDay } from '@/shared/days'
import RowMenu from '@/shared/RowMenu.vue'

/** A line for each student: the name, how often each job was held, partners, preferences, absences, photos. */
const props = defineProps<{
  students: ClassOpened['students']
  preferences: ClassOpened['preferences']
  history: ClassHistory
  jobs: readonly Job[]
}>()
const emit = defineEmits<{
  rename: [id: string, to: string]
  remove: [id: string]
  photos: [id: string, on: boolean]
}>()
/** The usual jobs first, then those that only some brief had. */
const columns = computed(() => {
  const usual = props.jobs.map((j) => ({ id: j.id, name: j.name }))
  const others = [...new Set(props.history.jobs.map((h) => h.job))].filter((id) => !usual.some((j) => j.id === id))
  return [...usual, ...others.map((id) => ({ id, name: id }))]
})
const nameOf = computed(() => new Map(props.students.map((p) => [p.id, p.name])))
const rows = computed(() =>
  props.students.map((p) => ({
    ...p,
    held: Object.fromEntries(
      columns.value.map((c) => [
        c.id,
        props.history.jobs.find((h) => h.student === p.id && h.job === c.id)?.times ?? 0,
      ]),
    ),
    jobs: props.history.jobs
      .filter((h) => h.student === p.id && h.times > 0)
      .map((h) => `${columns.value.find((c) => c.id === h.job)?.name ?? h.job}: ${h.times}`)
      .join(', '),
    partners: partners(p.id),
    preferred: preferred(p.id),
    absent: props.history.absences.find((a) => a.student === p.id)?.times ?? 0,
    days: (props.history.absences.find((a) => a.student === p.id)?.days ?? []).map(shortDay).join('; '),
  })),
)
function partners(id: string) {
  return props.history.pairs
    .filter((p) => p.one === id || p.other === id)
    .map((p) => ({ name: nameOf.value.get(p.one === id ? p.other : p.one), times: p.times }))
    .filter((p) => p.name !== undefined)
    .sort((a, b) => b.times - a.times)
    .map((p) => (p.times > 1 ? `${p.name} (${p.times})` : p.name))
    .join(', ')
}
/** What is preferred for this student's teams. */
function preferred(id: string) {
  const others = (groups: readonly (readonly string[])[]) =>
    groups
      .filter((g) => g.includes(id))
      .flatMap((g) => g.filter((o) => o !== id))
      .map((o) => nameOf.value.get(o))
      .filter((n) => n !== undefined)
      .join(', ')
  const [apart, together] = [others(props.preferences.apart), others(props.preferences.together)]
  const spread = props.preferences.spread.some((g) => g.includes(id))
  return [
    apart ? `apart from ${apart}` : '',
    together ? `together with ${together}` : '',
    spread ? 'spread over the teams' : '',
  ]
    .filter(Boolean)
    .join('; ')
}
function rename(id: string, event: Event) {
  const to = (event.target as HTMLInputElement).value.trim()
  if (to !== nameOf.value.get(id)) emit('rename', id, to)
}
const headed = { bodyCell: { role: 'rowheader' } }
</script>

<template>
  <DataTable :value="rows" data-key="id" removable-sort>
    <!-- Once: a new column makes new cells, without what is half typed in them or a menu that is open. -->
    <Column v-once field="name" header="Student" sortable :pt="headed">
      <template #body="{ data: p }">
        <input v-typed="p.name" class="inline" :aria-label="`Name of ${p.name}`" @change="rename(p.id, $event)" />
        <span class="small muted on-phone">{{ p.jobs }}</span>
        <span class="small muted on-phone">{{ p.partners ? `with ${p.partners}` : '' }}</span>
        <span class="small muted on-phone">{{ p.preferred }}</span>
        <span v-if="p.absent > 0" class="small muted on-phone">
          {{ p.absent === 1 ? 'absent once' : `absent ${p.absent} times` }}{{ p.days ? `: ${p.days}` : '' }}
        </span>
      </template>
    </Column>
    <Column v-for="j in columns" :key="j.id" :field="`held.${j.id}`" :header="j.name" sortable class="number at-desk">
      <template #body="{ data: p }">{{ p.held[j.id] || '–' }}</template>
    </Column>
    <Column header="Has worked with" class="small at-desk">
      <template #body="{ data: p }">{{ p.partners || 'nobody yet' }}</template>
    </Column>
    <Column header="Preferences" class="small at-desk">
      <template #body="{ data: p }">{{ p.preferred }}</template>
    </Column>
    <Column field="absent" header="Absent" sortable class="number at-desk">
      <template #body="{ data: p }"
        ><span :title="p.days">{{ p.absent || '–' }}</span></template
      >
    </Column>
    <Column v-once header="Photos">
      <template #body="{ data: p }">
        <ToggleSwitch
          :model-value="p.photos"
          :aria-label="`${p.name} may be in photos`"
          @update:model-value="(on: boolean) => emit('photos', p.id, on)"
        />
      </template>
    </Column>
    <Column v-once class="end" :pt="{ headerCell: { 'aria-label': 'More' } }">
      <template #body="{ data: p }">
        <RowMenu :of="p.name" :actions="[{ label: 'Delete', danger: true, act: () => emit('remove', p.id) }]" />
      </template>
    </Column>
  </DataTable>
</template>

<style scoped>
.on-phone {
  display: none;
}
:deep(.end) {
  text-align: right;
  width: 44px;
}
@media (max-width: 700px) {
  .on-phone {
    display: block;
  }
  :deep(.at-desk) {
    display: none;
  }
}
:deep(.small.at-desk) {
  padding-left: var(--space-6);
}
.on-phone {
  font-weight: 400;
}
</style>
