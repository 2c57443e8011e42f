<script setup lang="ts">
import { computed } from 'vue'
import type { Team } from '@/api/names'
import CardLines from '@/shared/CardLines.vue'
import { usePrinting } from './paper'

/** What this team was dealt and drew, on each of its own papers; nothing where it drew nothing. */
const props = defineProps<{ team?: Team }>()
const now = usePrinting()
const cards = computed(() => now.on.rally?.cards[props.team?.id ?? ''] ?? [])
const bag = computed(() => now.on.rally?.bags[props.team?.id ?? ''] ?? [])
</script>

<template>
  <CardLines :cards="cards" :bag="bag" />
</template>
