<script setup lang="ts">
import { useLive, type LiveNews } from '@/shared/useLive'

/** Hears of what is new in a rally that is run with the one of the page. */
const props = defineProps<{ rally: string }>()
const emit = defineEmits<{ news: [news: LiveNews] }>()
useLive(props.rally, (news) => emit('news', news))
</script>

<template>
  <slot />
</template>
