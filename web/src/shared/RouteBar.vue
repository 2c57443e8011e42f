<script setup lang="ts">
/**
 * The second line of the bar: whose route this is, and the route as a line of bunting. The route itself is the slot's,
 * since a phone has it elsewhere.
 */
defineProps<{ name: string; detail?: string }>()
</script>

<template>
  <div class="route-bar not-on-paper">
    <div class="inner on-grid">
      <div class="whose">
        <p class="name">{{ name }}</p>
        <p v-if="detail" class="small muted figures">{{ detail }}</p>
        <slot name="tiers" />
      </div>
      <slot />
    </div>
  </div>
</template>

<style scoped>
.route-bar {
  border-bottom: var(--rule);
}
.inner {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: var(--space-2) var(--space-7);
  min-height: 3rem;
  padding-block: var(--space-3);
}
.whose {
  flex: 1 1 16rem;
  min-width: 0;
  overflow-wrap: anywhere;
}
.name {
  display: -webkit-box;
  overflow: hidden;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  font: 700 var(--size-lead) / 1.2 var(--title);
}
</style>
