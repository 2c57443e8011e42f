<script setup lang="ts">
import Button from 'primevue/button'
import Menu from 'primevue/menu'
import { computed, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'

/** What else can be done with a row: a way to a page, a file, or something done at once. */
export interface RowAction {
  label: string
  to?: string
  file?: string
  act?: () => void
  /** Whether it takes something away. */
  danger?: boolean
}
const props = defineProps<{ of: string; actions: readonly RowAction[] }>()
const router = useRouter()
const menu = useTemplateRef('menu')
const items = computed(() =>
  props.actions.flatMap(({ label, to, file, act, danger }) => [
    ...(danger ? [{ separator: true }] : []),
    {
      label,
      url: file,
      class: danger ? 'danger' : '',
      command: () => (to ? void router.push(to) : act?.()),
    },
  ]),
)
</script>

<template>
  <span class="row-menu not-on-paper">
    <Button
      variant="text"
      severity="secondary"
      :aria-label="`More for ${of}`"
      aria-haspopup="menu"
      @click="menu?.toggle($event)"
    >
      <svg viewBox="0 0 24 8" width="20" height="8" aria-hidden="true">
        <circle v-for="x in [4, 12, 20]" :key="x" :cx="x" cy="4" r="2.6" fill="currentColor" />
      </svg>
    </Button>
    <Menu ref="menu" :model="items" popup :aria-label="`More for ${of}`" />
  </span>
</template>

<style scoped>
.row-menu :deep(button) {
  min-width: 44px;
  min-height: 44px;
}
</style>
