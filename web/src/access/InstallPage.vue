<script setup lang="ts">
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { dayOf } from '@/shared/days'
import { useLoad } from '@/shared/useLoad'

/** For whoever looks after the school's devices: how they come to trust this computer's encrypted line. */
const authority = useLoad(() => ask(api.GET('/api/authority')))
void authority.load()
</script>

<template>
  <main id="main" class="desk reading stack">
    <StationHead
      title="Encrypted connection"
      next="For whoever looks after the school’s devices. Ask them before anything is installed."
    />
    <LoadNote
      v-if="!authority.data.value"
      :state="authority.state.value"
      :refusal="authority.refusal.value"
      what="the authority"
      @again="authority.load"
    />
    <template v-else>
      <ol>
        <li>
          Download this computer’s own certificate: <a href="/api/authority/file" download>plucky-rally.crt</a
          ><template v-if="authority.data.value.file"
            >, also at <code>{{ authority.data.value.file }}</code></template
          >.
        </li>
        <li>
          Compare its fingerprint (SHA-256) with the one shown on the computer itself:
          <code class="print">{{ authority.data.value.fingerprint }}</code>
        </li>
        <li>In your device management, add it as a trusted root for websites, for the classroom’s devices only.</li>
        <li>
          Have them reload Plucky Rally at its https address: the warning is gone, and it also opens without a
          connection.
        </li>
        <li>
          Remove it when this computer is given away, and by {{ dayOf(authority.data.value.until) }} at the latest.
        </li>
      </ol>
      <p class="small muted">
        It can vouch only for this computer’s own names, so for no website on the internet. Its key is beside the data,
        readable by its owner alone.
      </p>
    </template>
  </main>
</template>

<style scoped>
ol {
  display: grid;
  gap: var(--space-4);
  padding: var(--space-5) 0 var(--space-5) var(--space-6);
  list-style: decimal;
}
.print {
  display: block;
  overflow-wrap: anywhere;
}
</style>
