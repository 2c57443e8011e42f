<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import { useRally } from '@/shared/openRally'
import { useLoad } from '@/shared/useLoad'

/** How certain the places are, given how finely everything was read, and what to measure again where they are not. */
const { rally, round, tick, inRound } = useRally()
const open = ref(false)
const sure = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/sure', {
      params: { path: { id: rally.value?.id ?? '' }, query: { round: round.value } },
    }),
  ),
)
watch([open, round, tick], () => open.value && void sure.load())
</script>

<template>
  <details @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>How certain are these places?</summary>
    <template v-if="open">
      <LoadNote
        v-if="!sure.data.value"
        :state="sure.state.value"
        :refusal="sure.refusal.value"
        what="the chances"
        @again="sure.load"
      />
      <template v-else>
        <p>{{ sure.data.value.says }}</p>
        <p v-for="s in sure.data.value.anotherDay" :key="s" class="small">{{ s }}</p>
        <p v-if="sure.data.value.again" class="again">
          {{ sure.data.value.again.says }}
          <RouterLink :to="inRound(`/rallies/${rally?.id}/score/${sure.data.value.again.team}`)"
            >Open the pad of {{ sure.data.value.again.name }}</RouterLink
          >
        </p>
        <table v-if="sure.data.value.teams.length > 1" class="rows">
          <thead>
            <tr>
              <th scope="col">Team</th>
              <th scope="col">Places if everything were measured again</th>
              <th v-if="sure.data.value.onAnotherDay.length > 0" scope="col">Places on another day</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(t, i) in sure.data.value.teams" :key="t.team">
              <th scope="row">{{ t.name }}</th>
              <td class="figures">{{ t.says }}</td>
              <td v-if="sure.data.value.onAnotherDay[i]" class="figures">{{ sure.data.value.onAnotherDay[i].says }}</td>
            </tr>
          </tbody>
        </table>
      </template>
    </template>
  </details>
</template>

<style scoped>
details {
  padding-top: var(--space-5);
}
summary {
  padding-block: var(--space-2);
}
.again {
  background: var(--marigold-wash);
  border-left: 4px solid var(--marigold);
  padding: var(--space-3) var(--space-4);
  margin-block: var(--space-3);
}
</style>
