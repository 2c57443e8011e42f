<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Team, TeamKit } from '@/api/names'

/** What each team gets, before anything is counted; and all that are left counted at once, as planned. */
const props = defineProps<{ rows: readonly { team: Team; kit: TeamKit }[] }>()
defineEmits<{ counted: [way: 'out' | 'back', teams: readonly TeamKit[]] }>()
const kits = computed(() => props.rows.map((r) => r.kit).filter((k) => k.lines.length > 0))
const alike = computed(() => kits.value.every((k) => k.gets.join() === kits.value[0]?.gets.join()))
const out = computed(() => kits.value.filter((k) => typeof k.outBy !== 'string'))
const back = computed(() => kits.value.filter((k) => typeof k.outBy === 'string' && typeof k.backBy !== 'string'))
const which = (left: readonly TeamKit[]) =>
  left.length === 1
    ? `${props.rows.find((r) => r.kit === left[0])?.team.name}`
    : left.length === kits.value.length
      ? `all ${left.length} teams`
      : `the other ${left.length} teams`
</script>

<template>
  <div v-if="kits.length > 0" class="all">
    <template v-if="alike">
      <h3>Each team gets</h3>
      <ul class="gets">
        <li v-for="g in kits[0]?.gets" :key="g">{{ g }}</li>
      </ul>
    </template>
    <table v-else class="rows">
      <caption class="out-of-sight">
        What each team gets
      </caption>
      <thead>
        <tr>
          <th scope="col">Team</th>
          <th scope="col">Gets</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.team.id">
          <th scope="row">{{ r.team.name }}</th>
          <td>{{ r.kit.gets.join(', ') }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="out.length > 0 || back.length > 0" class="ways">
      <Button
        v-if="out.length > 0"
        :label="`Count out ${which(out)} as planned`"
        size="small"
        @click="$emit('counted', 'out', out)"
      />
      <Button
        v-if="back.length > 0"
        :label="`Count back ${which(back)}: nothing missing`"
        size="small"
        variant="outlined"
        @click="$emit('counted', 'back', back)"
      />
    </p>
    <p v-if="out.length > 1" class="small muted">If a team gets something else, count that team first.</p>
  </div>
</template>

<style scoped>
.all {
  padding: var(--space-4) 0;
}
.gets {
  columns: 14rem;
}
table {
  width: 100%;
}
th {
  text-align: left;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  padding-top: var(--space-4);
}
</style>
