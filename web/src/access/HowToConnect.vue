<script setup lang="ts">
import { computed } from 'vue'
import { useWho } from './useWho'

/** How the classroom's devices find this computer: the address to type, and what to do where none is let in. */
const props = defineProps<{ addresses: readonly string[] }>()
const { who } = useWho()
const encrypted = computed(() => props.addresses[0]?.startsWith('https:') ?? false)
const byName = computed(() => props.addresses.some((a) => a.includes('.local')))
</script>

<template>
  <div class="connect">
    <template v-if="who && !who.lan">
      <div class="heed">
        <p><b>Only this computer can connect now.</b> To let the classroom’s devices in:</p>
        <ol>
          <li>Close the window that Plucky Rally was started in. Nothing is lost.</li>
          <li>Start it again with <code>./rally start --lan</code>.</li>
          <li>Open this page again: it shows the address, and the codes still work.</li>
        </ol>
      </div>
    </template>
    <p v-else class="type">
      Address to type:
      <b v-for="(address, i) in addresses" :key="address" class="figures"
        ><template v-if="i > 0"> or </template>{{ address }}/join</b
      >
    </p>
    <p v-if="who?.lan && byName" class="small muted">
      The address that ends in “.local” stays the same when the network gives this computer another number.
    </p>
    <p v-if="who?.lan && !encrypted" class="small muted">
      Anyone on this network could read what goes over this connection. With
      <code>./rally start --lan --https</code>
      it is encrypted; devices need a certificate for that.
    </p>
    <p v-else-if="who?.lan" class="small muted">
      The connection is encrypted. <RouterLink to="/install">What devices need for it</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.connect {
  display: grid;
  gap: var(--space-3);
  padding-top: var(--space-4);
  justify-items: start;
}
.type {
  overflow-wrap: anywhere;
}
ol {
  list-style: decimal;
  padding-left: var(--space-6);
}
</style>
