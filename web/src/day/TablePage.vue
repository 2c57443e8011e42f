<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Refusal } from '@/api/names'
import WhoLine from '@/access/WhoLine.vue'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import RowMenu from '@/shared/RowMenu.vue'
import StationHead from '@/shared/StationHead.vue'
import { timeOfDay } from '@/shared/days'
import { written } from '@/shared/entries'
import { useTableSheets } from './useTableSheets'
import UnsentNote from '@/log/UnsentNote.vue'
import { useMyTable } from './myTable'
import { slotSays, useDay } from './useDay'

/** A table of a fair day: who is tested now, who is next, and what to do where they are not here. */
const props = defineProps<{ day: string; rally: string; table: string }>()
const router = useRouter()
const day = useDay(props.day)
const { outbox } = useTableSheets(
  props.rally,
  () => day.data.value?.rallies.find((r) => r.rally === props.rally)?.round,
)
watch(
  () => outbox.onItsWay.value.length,
  () => void day.load(),
)
const number = computed(() => Number(props.table))
const rally = computed(() => day.data.value?.rallies.find((r) => r.rally === props.rally))
const line = computed(() => rally.value?.tables.find((t) => t.table === number.value)?.line)
const now = computed(() => line.value?.[0])
const others = computed(() => rally.value?.tables.filter((t) => t.table !== number.value) ?? [])
const helper = computed(() => rally.value?.helpers[number.value - 1] ?? '')
const { choose } = useMyTable()
watch(line, (there) => there && choose({ day: props.day, rally: props.rally, table: number.value }))
const refusal = ref<Refusal>()
async function send(team: string, table: number, notHere: boolean) {
  const sent = await outbox.record(written(team, rally.value!.round, { kind: 'sentToTable', table, notHere }))
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
}
const score = (team: string) =>
  router.push({
    path: `/rallies/${props.rally}/score/${team}`,
    query: rally.value!.round > 1 ? { round: rally.value!.round } : {},
  })
const toOthers = (team: string) =>
  others.value.map((t) => ({ label: `Send to table ${t.table}`, act: () => void send(team, t.table, false) }))
const actions = (team: string) => [
  { label: 'Score now', act: () => void score(team) },
  { label: 'Not here', act: () => void send(team, number.value, true) },
  ...toOthers(team),
]
</script>

<template>
  <main id="main" class="walk stack">
    <LoadNote
      v-if="!day.data.value"
      :state="day.state.value"
      :refusal="day.refusal.value"
      what="the table"
      @again="day.load"
    />
    <template v-else-if="rally && line">
      <StationHead
        :title="`Table ${number}`"
        :next="[`${rally.name}. ${slotSays(rally)}`, helper ? `with ${helper}` : ''].filter(Boolean).join(', ')"
      >
        <RouterLink class="small" :to="`/days/${props.day}`">Choose another table</RouterLink>
      </StationHead>
      <p v-if="day.asOf.value" class="small muted" role="status">
        This is what was known at {{ timeOfDay(day.asOf.value.toISOString()) }}. Go on recording; it is sent later.
      </p>
      <UnsentNote :outbox="outbox" :rally="{ teams: line.map((t) => ({ id: t.team, name: t.name })) }" />
      <RefusalNote :refusal="refusal" />
      <section v-if="now" class="now" aria-labelledby="now">
        <h2 id="now">Now: {{ now.name }}</h2>
        <p v-if="now.wasNotHere" class="muted">They were not here when their turn came.</p>
        <div class="touch-row">
          <Button class="touch" :label="`Score ${now.name}`" @click="score(now.team)" />
          <Button class="touch" label="Not here" variant="outlined" @click="send(now.team, number, true)" />
          <RowMenu v-if="others.length > 0" :of="now.name" :actions="toOthers(now.team)" />
        </div>
      </section>
      <section v-else aria-labelledby="now">
        <h2 id="now">All done</h2>
        <p>
          All teams of this table have been tested.
          {{
            others.some((t) => t.line.length > 0)
              ? `Others still wait: ${others
                  .filter((t) => t.line.length > 0)
                  .map((t) => `${t.line.length} at table ${t.table}`)
                  .join(', ')}.`
              : ''
          }}
        </p>
      </section>
      <section v-if="line.length > 1" aria-labelledby="next">
        <h2 id="next">Next</h2>
        <ol>
          <li v-for="t in line.slice(1)" :key="t.team">
            <span
              ><b>{{ t.name }}</b
              ><span v-if="t.wasNotHere" class="small muted">, was not here</span></span
            >
            <RowMenu :of="t.name" :actions="actions(t.team)" />
          </li>
        </ol>
      </section>
      <WhoLine />
    </template>
    <p v-else>
      This day has no such table any more. <RouterLink :to="`/days/${props.day}`">Choose another table</RouterLink>
    </p>
  </main>
</template>

<style scoped>
.now {
  border: 1.5px solid var(--ink);
  background: var(--sheet);
  padding: var(--space-5);
  display: grid;
  gap: var(--space-4);
}
.now h2 {
  font-size: var(--size-title);
  overflow-wrap: anywhere;
}
section {
  margin-top: var(--space-5);
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  border-bottom: var(--rule);
  min-height: var(--touch);
}
</style>
