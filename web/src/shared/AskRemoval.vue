<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'

/** Asks before something is taken away: says what goes with it, and how long it can be taken back. */
defineProps<{ what: string; goes: string; back?: string }>()
const emit = defineEmits<{ yes: [] }>()
/** What it is asked about; nothing while it is not asked. */
const asked = defineModel<string>()
const open = computed({ get: () => asked.value !== undefined, set: (on) => on || (asked.value = undefined) })
function yes() {
  emit('yes')
  asked.value = undefined
}
</script>

<template>
  <Dialog v-model:visible="open" modal :header="`Take away ${what}?`" :style="{ width: '28rem' }" dismissable-mask>
    <div class="ask">
      <p>{{ goes }}</p>
      <p class="small muted">{{ back ?? 'Under Kept safe it can be taken back for thirty days. Then it is gone.' }}</p>
      <slot />
      <div class="touch-row">
        <Button label="Take it away" severity="danger" class="touch" @click="yes" />
        <Button label="Leave it" variant="outlined" class="touch" autofocus @click="asked = undefined" />
      </div>
    </div>
  </Dialog>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 0.6rem;
}
</style>
