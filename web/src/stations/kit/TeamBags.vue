<script setup lang="ts">
import Button from 'primevue/button'
import { computed, reactive, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { RallyOpened, Refusal } from '@/api/names'
import { useRally } from '@/shared/openRally'
import RefusalNote from '@/shared/RefusalNote.vue'
import BagShares from './BagShares.vue'
import { newDraw } from './bags'

/** Bags drawn for the teams of the rally: from then on they are their kit, on labels, sheets and pads. */
const props = defineProps<{ rally: RallyOpened; categories: readonly string[] }>()
const emit = defineEmits<{ drawn: [] }>()
const { round } = useRally()
const draw = reactive(newDraw())
const reason = ref('')
const refusal = ref<Refusal>()
const drawn = computed(() => props.rally.teams.some((t) => t.bag))
async function drawBags() {
  const { same, spread, seed } = draw
  const answer = await ask(
    api.POST('/api/rallies/{id}/draws/bags', {
      params: { path: { id: props.rally.id } },
      body: {
        shares: props.categories.map((category) => ({ category, ...draw.share(category) })),
        same,
        spread,
        seed,
        reason: reason.value,
        round: round.value,
      },
    }),
  )
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  reason.value = ''
  emit('drawn')
}
</script>

<template>
  <section aria-labelledby="bags">
    <h2 id="bags">Bags</h2>
    <p class="small muted">
      {{ drawn ? 'Drawn. They are the teams’ kit now.' : 'Not drawn: each team gets what the brief says.' }}
    </p>
    <ul v-if="drawn" class="small">
      <li v-for="t in rally.teams" :key="t.id">
        <b>{{ t.name }}</b>: {{ (rally.bags[t.id] ?? []).join(', ') || 'no bag' }}
      </li>
    </ul>
    <details>
      <summary class="small">{{ drawn ? 'Draw again' : 'Draw bags' }}</summary>
      <BagShares :draw="draw" :categories="categories" />
      <p v-if="drawn">
        Again, because
        <input
          v-model="reason"
          class="inline"
          maxlength="400"
          aria-label="Why bags are drawn again"
          placeholder="why"
        />
      </p>
      <Button
        :label="drawn ? 'Draw the bags again' : 'Draw the bags'"
        size="small"
        :disabled="drawn && !reason.trim()"
        @click="drawBags"
      />
    </details>
    <RefusalNote :refusal="refusal" />
  </section>
</template>
