<script setup lang="ts">
import Button from 'primevue/button'
import { written } from '../../shared/entries'
import { useRecording } from './recording'

/** Closes the round when everything is in, so that nobody writes into it by mistake; opens it again. */
defineProps<{ closed: boolean }>()
const { round, record } = useRecording()
const turn = (closed: boolean) => record(written('', round.value, { kind: closed ? 'roundReopened' : 'roundClosed' }))
</script>

<template>
  <p class="touch-row">
    <Button
      type="button"
      :label="closed ? `Open round ${round} again` : `Close round ${round}`"
      variant="outlined"
      severity="secondary"
      @click="turn(closed)"
    />
    <span class="small muted">{{
      closed ? 'Then judges can record in it.' : 'Nothing more is recorded in it then.'
    }}</span>
  </p>
</template>
