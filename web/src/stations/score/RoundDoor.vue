<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import Dialog from 'primevue/dialog'
import { ref } from 'vue'
import { written } from '@/shared/entries'
import { useJudgeRally } from '@/shared/openRally'
import { useRecording } from '@/pads/recording'

/** Closes the round when everything is in, so that nobody writes into it by mistake; opens it again. */
defineProps<{ closed: boolean }>()
const { round, record } = useRecording()
const { rally } = useJudgeRally()
const confirming = ref(false)
const setClosed = (closed: boolean) =>
  record(written('', round.value, { kind: closed ? 'roundReopened' : 'roundClosed' }))
</script>

<template>
  <p class="touch-row">
    <PadButton
      type="button"
      :label="closed ? `Reopen round ${round}` : `Close round ${round}…`"
      variant="outlined"
      severity="secondary"
      @click="closed ? setClosed(closed) : (confirming = true)"
    />
    <RouterLink
      v-if="closed && rally"
      class="small"
      :to="{ path: `/rallies/${rally.id}/next-round`, query: { round: round + 1 } }"
      >Change the brief for round {{ round + 1 }}</RouterLink
    >
    <span class="small muted">{{
      closed ? 'Then judges can record in it.' : 'Nothing more can be recorded in it after that.'
    }}</span>
  </p>
  <Dialog
    v-model:visible="confirming"
    modal
    :header="`Close round ${round}?`"
    :style="{ width: '26rem' }"
    dismissable-mask
  >
    <p>After that, nobody can record in it. You can reopen it.</p>
    <div class="touch-row ways">
      <PadButton
        type="button"
        :label="`Close round ${round}`"
        autofocus
        @click="(setClosed(false), (confirming = false))"
      />
      <PadButton type="button" label="Cancel" variant="outlined" @click="confirming = false" />
    </div>
  </Dialog>
</template>

<style scoped>
.ways {
  padding-top: var(--space-4);
}
</style>
