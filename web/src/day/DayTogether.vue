<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { DoneTogether, Refusal } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import RefusalNote from '@/shared/RefusalNote.vue'

/** What is done to all rallies of the day at once: their teams are told apart, their rounds closed. */
const props = defineProps<{ day: string; left: number }>()
const emit = defineEmits<{ changed: [] }>()
const path = { id: props.day }
const refusal = ref<Refusal>()
const came = ref<DoneTogether>()
const said = ref('')
const closing = ref<string>()
const leftSays = computed(() => {
  if (props.left === 0) return 'All teams have been tested.'
  return props.left === 1 ? '1 team has not been tested.' : `${props.left} teams have not been tested.`
})
const inRallies = (n: number) => (n === 1 ? '1 rally' : `${n} rallies`)
async function tellApart() {
  const answer = await ask(api.POST('/api/days/{id}/apart', { params: { path } }))
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  came.value = answer.data
  said.value =
    answer.data.rallies === 0
      ? 'All teams of the day have short codes and pennants of their own already.'
      : `Teams have new short codes and pennants in ${inRallies(answer.data.rallies)}. Print their labels again.`
  emit('changed')
}
async function close() {
  const answer = await ask(api.POST('/api/days/{id}/close', { params: { path } }))
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  came.value = answer.data
  said.value =
    answer.data.rallies === 0
      ? 'All rounds are closed already.'
      : `The round is closed in ${inRallies(answer.data.rallies)}. Nothing more is recorded in it.`
  emit('changed')
}
</script>

<template>
  <section aria-labelledby="together">
    <h2 id="together">All classes at once</h2>
    <div class="touch-row">
      <Button type="button" label="Tell teams apart" variant="outlined" class="touch" @click="tellApart" />
      <Button
        type="button"
        label="Close all rounds"
        variant="outlined"
        severity="secondary"
        class="touch"
        @click="closing = day"
      />
    </div>
    <p class="small muted">
      “Tell teams apart” gives every team a short code and a pennant that no other team of the day has.
    </p>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-for="p in came?.problems ?? []" :key="p.what" class="wrong" role="alert">{{ p.what }} {{ p.remedy }}</p>
    <RefusalNote :refusal="refusal" />
    <AskRemoval
      v-model="closing"
      verb="Close"
      what="all rounds of the day"
      :goes="`${leftSays} Nothing more can be recorded after that.`"
      back="You can reopen each round on its Score page."
      @yes="close"
    />
  </section>
</template>

<style scoped>
section {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-3);
  padding-top: var(--space-5);
}
</style>
