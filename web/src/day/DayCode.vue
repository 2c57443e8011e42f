<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import PassList from '@/access/PassList.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'
import { done } from '@/shared/useDone'

/** One code for the judges of a day, for all its rallies. */
const props = defineProps<{ rallies: readonly string[] }>()
const first = computed(() => props.rallies[0] ?? '')
const passes = useLoad(() => ask(api.GET('/api/rallies/{id}/passes', { params: { path: { id: first.value } } })))
void passes.load()
/** Of those of its first rally, the codes that open others too. */
const ofDay = computed(
  () => passes.data.value?.passes.filter((p) => p.kind === 'judge' && p.also.length === props.rallies.length - 1) ?? [],
)
async function make() {
  await done(
    api.POST('/api/rallies/{id}/passes', {
      params: { path: { id: first.value } },
      body: { kind: 'judge', also: props.rallies.slice(1) },
    }),
  )
  await passes.load()
}
async function end(pass: string) {
  await done(api.DELETE('/api/rallies/{id}/passes/{pass}', { params: { path: { id: first.value, pass } } }))
  await passes.load()
}
</script>

<template>
  <section aria-labelledby="code">
    <h2 id="code">The helpers’ code</h2>
    <LoadNote
      v-if="!passes.data.value"
      :state="passes.state.value"
      :refusal="passes.refusal.value"
      what="the codes"
      @again="passes.load"
    />
    <template v-else>
      <p v-if="ofDay.length === 0" class="muted">One code opens all rallies of the day, and leads to this page.</p>
      <PassList :passes="ofDay" @end="end" />
      <Button label="Make a code for the day" variant="outlined" @click="make" />
    </template>
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-5);
  display: grid;
  gap: var(--space-3);
  justify-items: start;
}
</style>
