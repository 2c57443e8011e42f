<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'

/** Asks before something is deleted or ended: says what goes with it, and how it comes back. */
defineProps<{ what: string; goes: string; back?: string; verb?: string }>()
const emit = defineEmits<{ yes: [] }>()
/** What it is asked about; nothing while it is not asked. */
const item = defineModel<string>()
const open = computed({ get: () => item.value !== undefined, set: (on) => on || (item.value = undefined) })
function yes() {
  emit('yes')
  item.value = undefined
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
      <div class="touch-row">
        <Button :label="verb ?? 'Delete'" severity="danger" class="touch" @click="yes" />
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
