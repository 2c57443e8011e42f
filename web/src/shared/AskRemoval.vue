<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, watch } from 'vue'
import RefusalNote from './RefusalNote.vue'
import { singly } from './singly'
import { useDone } from './useDone'

/** Asks before something is deleted or ended: says what goes with it, and how it comes back. */
const props = defineProps<{
  what: string
  goes: string
  back?: string
  verb?: string
  /** Does it. Where that is refused the dialog stays, and says why. */
  onYes: () => unknown
}>()
/** What it is asked about; nothing while it is not asked. */
const item = defineModel<string>()
const open = computed({ get: () => item.value !== undefined, set: (on) => on || (item.value = undefined) })
const { refusal, close } = useDone()
watch(item, close)
async function yes() {
  close()
  await props.onYes()
  if (!refusal.value) item.value = undefined
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="`${verb ?? 'Delete'} ${what}?`"
    :style="{ width: '28rem' }"
    dismissable-mask
  >
    <div class="ask">
      <p>{{ goes }}</p>
      <p class="small muted">{{ back ?? 'You can restore it from Backups for 30 days. After that it is gone.' }}</p>
      <slot />
      <RefusalNote :refusal="refusal" />
      <div class="touch-row">
        <Button :label="verb ?? 'Delete'" severity="danger" class="touch" @click="singly(yes)" />
        <Button label="Cancel" variant="outlined" class="touch" autofocus @click="item = undefined" />
      </div>
    </div>
  </Dialog>
</template>

<style scoped>
.ask {
  display: grid;
  gap: var(--space-3);
}
</style>
