<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { pageOf } from './pageOf'
import { useSignOut } from './useSignOut'
import { useWho } from './useWho'

/** Who this device is, and the way out; only where devices of the classroom are let in. */
const { who } = useWho()
const route = useRoute()
const others = computed(() =>
  (who.value?.rallies ?? []).filter((r) => ['judge', 'helper'].includes(r.role) && r.rally !== route.params.rally),
)
const { signOut, canSignOut, ofWindow } = useSignOut()
</script>

<template>
  <p v-if="who && canSignOut" class="who small not-on-paper">
    <span class="muted">You are {{ who.name }} {{ ofWindow ? 'in this window' : 'on this device' }}.</span>
    <RouterLink v-if="who.role === 'teacher'" to="/password">Change the password</RouterLink>
    <template v-if="others.length > 0">
      <span class="muted">You also score in</span>
      <RouterLink v-for="r in others" :key="r.rally" :to="pageOf(r)">{{ r.name }}</RouterLink>
    </template>
    <RouterLink v-for="d in who.days" :key="d.id" :to="`/days/${d.id}`">{{ d.name }}</RouterLink>
    <button type="button" class="act" @click="signOut">Sign out</button>
  </p>
</template>

<style scoped>
.who {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4);
  padding: var(--space-5) 0 0;
}
</style>
