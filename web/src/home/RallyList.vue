<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { RallyOnShelf, Refusal } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import { shortDay } from '@/shared/days'
import RefusalNote from '@/shared/RefusalNote.vue'
import { byDay } from './byDay'
import RallyLine from './RallyLine.vue'
import { rallySays } from './rallySays'

/** The rallies by their days, the newest first; those that are put away stand below. */
const props = defineProps<{ rallies: readonly RallyOnShelf[] }>()
const emit = defineEmits<{ changed: [] }>()
const asking = ref<string>()
const asked = computed(() => props.rallies.find((r) => r.id === asking.value))
const refusal = ref<Refusal>()
async function remove() {
  if (!asking.value) return
  refusal.value = refusalOf(await ask(api.DELETE('/api/rallies/{id}', { params: { path: { id: asking.value } } })))
  emit('changed')
}
async function putAway(id: string, away: boolean) {
  refusal.value = refusalOf(
    await ask(api.PUT('/api/rallies/{id}/put-away', { params: { path: { id } }, body: { away } })),
  )
  emit('changed')
}
const days = computed(() => byDay(props.rallies.filter((r) => !r.putAway)))
const away = computed(() => props.rallies.filter((r) => r.putAway))
/** A day with more than so many is a fair: its rallies stand a line each until one is looked at. */
const many = 4
</script>

<template>
  <p v-if="rallies.length === 0" class="empty">No rally yet. Choose a brief and make teams for it.</p>
  <RefusalNote :refusal="refusal" />
  <section v-for="[day, group] in days" :id="`day-${day}`" :key="day">
    <h3 v-if="group.length > 1 || days.length > 1" class="day small">
      {{ day ? shortDay(day) : 'No day' }}<template v-if="group.length > 1">, {{ group.length }} rallies</template>
    </h3>
    <ul>
      <RallyLine
        v-for="r in group"
        :key="r.id"
        :rally="r"
        :short="group.length > many"
        @take-away="asking = r.id"
        @put-away="putAway(r.id, true)"
      />
    </ul>
  </section>
  <details v-if="away.length > 0" class="away">
    <summary>{{ away.length }} put away</summary>
    <ul>
      <RallyLine
        v-for="r in away"
        :key="r.id"
        :rally="r"
        short
        @take-away="asking = r.id"
        @put-away="putAway(r.id, false)"
      />
    </ul>
  </details>
  <AskRemoval
    v-if="asked"
    v-model="asking"
    :what="asked.name"
    :goes="`The rally with ${rallySays(asked)}, its photos, and the codes of its judges and walls.`"
    @yes="remove"
  />
</template>

<style scoped>
.empty {
  padding: 1.5rem 0;
}
.day {
  color: var(--muted);
  font-weight: 650;
  padding-top: 0.9rem;
}
.away {
  padding-top: 1rem;
}
</style>
