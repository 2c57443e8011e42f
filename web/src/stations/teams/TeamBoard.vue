<script setup lang="ts">
import Sortable from 'sortablejs'
import { computed, onBeforeUnmount, useTemplateRef, watch } from 'vue'
import type { Job } from '@/api/names'
import ChooseOnce from '@/fields/ChooseOnce.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import type { PlannedTeam } from './planned'

/**
 * The teams beside each other: students are dragged from one to another, or moved with a choice; teams can be locked.
 */
const teams = defineModel<PlannedTeam[]>({ required: true })
const props = defineProps<{ jobs: readonly Job[] }>()
const marks = computed(() =>
  teamMarks(teams.value.map((t, i) => ({ id: String(i), name: t.name, callSign: t.callSign }))),
)
const jobName = (id: string) => props.jobs.find((j) => j.id === id)?.name ?? id

function move(from: number, at: number, to: number, place?: number) {
  const student = teams.value[from]?.students[at]
  const target = teams.value[to]
  if (!student || !target) return
  teams.value[from]?.students.splice(at, 1)
  target.students.splice(place ?? target.students.length, 0, student)
}

const lists = useTemplateRef<HTMLElement[]>('lists')
let sortables: Sortable[] = []
const letGo = () => sortables.forEach((s) => s.destroy())
watch(
  () => [lists.value?.length, teams.value.length],
  () => {
    letGo()
    sortables = (lists.value ?? []).map((list) =>
      Sortable.create(list, {
        group: 'students',
        handle: '.grip',
        forceFallback: true,
        onEnd: ({ item, from, to, oldIndex, newIndex }) => {
          if (oldIndex === undefined || newIndex === undefined) return
          // Put back where it was: the lists are drawn anew from the teams.
          from.insertBefore(item, from.children[from === to && newIndex < oldIndex ? oldIndex + 1 : oldIndex] ?? null)
          move(Number(from.dataset.team), oldIndex, Number(to.dataset.team), newIndex)
        },
      }),
    )
  },
  { flush: 'post', immediate: true },
)
onBeforeUnmount(letGo)
</script>

<template>
  <ol class="board">
    <li v-for="(team, t) in teams" :key="t" :class="{ locked: team.locked }">
      <p class="head">
        <TeamPennant :mark="marks.get(String(t))!" :width="56" />
        <input v-model="team.name" class="inline name" :aria-label="`Name of team ${t + 1}`" />
      </p>
      <label class="small sign"
        >short code
        <input
          v-model.trim="team.callSign"
          class="inline"
          maxlength="2"
          :placeholder="marks.get(String(t))?.sign"
          :aria-label="`Short code of ${team.name}`"
      /></label>
      <label class="small"
        ><input v-model="team.locked" type="checkbox" :aria-label="`Lock ${team.name}`" /> locked</label
      >
      <ul ref="lists" :data-team="t">
        <li v-for="(p, i) in team.students" :key="p.id">
          <span class="grip" aria-hidden="true"><span></span></span>
          <span>
            {{ p.name }}
            <span v-for="j in p.jobs" :key="j.id" class="small muted job"
              >{{ jobName(j.id) }} ({{ j.before === 0 ? 'first time' : `${j.before} before` }})</span
            >
          </span>
          <ChooseOnce
            class="small to"
            :label="`Move ${p.name} to`"
            prompt="to…"
            :options="teams.map((other, value) => ({ name: other.name, value })).filter(({ value }) => value !== t)"
            @choose="(to: number) => move(t, i, to)"
          />
        </li>
      </ul>
    </li>
  </ol>
</template>

<style scoped>
.board {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: var(--space-5);
  padding: var(--space-4) 0;
}
.board > li {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: var(--space-3) var(--space-4);
}
.board > .locked {
  border-style: dashed;
}
.head {
  display: flex;
  align-items: center;
  gap: var(--space-3);
}
.name {
  font: 700 var(--size-text) var(--title);
  min-width: 4rem;
  flex: 1;
}
ul {
  min-height: 2.5rem;
}
ul li {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: var(--space-3);
  align-items: start;
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--line);
}
.to {
  max-width: 5.5rem;
}
.job {
  display: block;
}
.sign {
  margin-right: var(--space-5);
}
.sign input {
  width: 2.4rem;
  field-sizing: fixed;
  text-transform: uppercase;
}
label {
  display: inline-flex;
  align-items: center;
  gap: var(--space-2);
  min-height: 28px;
}
</style>
