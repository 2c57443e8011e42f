<script setup lang="ts">
import Button from 'primevue/button'
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { Refusal } from '@/api/names'
import UnsentNote from '@/log/UnsentNote.vue'
import { struckOut } from '@/shared/entries'
import ChangeLines from '@/shared/ChangeLines.vue'
import { nextAt } from '@/shared/nextAt'
import { useRally } from '@/shared/openRally'
import RoundChoice from '@/shared/RoundChoice.vue'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import { useOutbox } from '@/shared/useOutbox'
import PrintedSheet from './sheet/PrintedSheet.vue'

/** The brief as a rally runs it in a round, and what was changed in it. */
const { rally, round, tick, news, inRound } = useRally()
const router = useRouter()
const id = rally.value?.id ?? ''
const outbox = useOutbox(id, news)
const change = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/brief-changes', { params: { path: { id }, query: { round: round.value } } })),
)
watch([tick, round], () => void change.load(), { immediate: true })
const refusal = ref<Refusal>()
/** The brief as it is run here, for another class or another year. */
async function shelve() {
  const answer = await ask(
    api.POST('/api/rallies/{id}/brief-changes/shelved', { params: { path: { id }, query: { round: round.value } } }),
  )
  refusal.value = refusalOf(answer)
  if (answer.ok) await router.push(`/briefs/${answer.data.id}`)
}
async function takeBack(entry: string) {
  const sent = await outbox.record(struckOut('', 1, entry, 'brief changed back'))
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
}
</script>

<template>
  <main v-if="rally" id="main" class="desk stack">
    <StationHead title="Brief" :next="nextAt(rally.progress.route, 'brief')">
      <RoundChoice :rounds="rally.progress.rounds" :round="round" may-begin />
      <button type="button" class="act" @click="shelve">Save as a new brief</button>
      <Button label="Edit this rally’s brief" @click="router.push(inRound(`/rallies/${id}/change`))" />
    </StationHead>
    <UnsentNote :outbox="outbox" :rally="rally" />
    <p v-if="refusal" class="wrong" role="alert">{{ refusal.title }} {{ refusal.detail }}</p>
    <section
      v-if="change.data.value && change.data.value.briefChanges.length > 0"
      class="changes"
      aria-labelledby="changes"
    >
      <h2 id="changes">Changes in this rally</h2>
      <ChangeLines v-slot="{ changes }" :changes="change.data.value.briefChanges">
        <button type="button" class="act" :aria-label="`Undo: ${changes.reason}`" @click="takeBack(changes.entry)">
          Undo
        </button>
      </ChangeLines>
    </section>
    <PrintedSheet class="printed" :brief="rally.brief" :sheet="rally.sheet" :tier="rally.tier" />
  </main>
</template>

<style scoped>
.printed {
  max-width: var(--walk);
}
.changes {
  padding-bottom: var(--space-5);
}
</style>
