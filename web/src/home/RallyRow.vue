<script setup lang="ts">
import type { RallyOnShelf } from '@/api/names'
import { shortDay } from '@/shared/days'
import type { RowAction } from '@/shared/RowMenu.vue'
import HomeRow from './HomeRow.vue'
import { rallySays, titleOf } from './rallyRow'

/** A rally as a row: where its name leads is where its one action leads too. */
defineProps<{ rally: RallyOnShelf; anchor?: string; action: string; to: string; menu: readonly RowAction[] }>()
</script>

<template>
  <HomeRow
    :anchor="anchor"
    :day="rally.date"
    :day-in-words="rally.date ? shortDay(rally.date) : 'No date'"
    :title="rally.briefTitle"
    :detail="rallySays(rally)"
    :to="to"
    :action="{ label: action, to, of: titleOf(rally) }"
    :menu="menu"
    :menu-of="titleOf(rally)"
  />
</template>
