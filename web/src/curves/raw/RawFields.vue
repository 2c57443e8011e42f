<script setup lang="ts">
import type { CurveOf } from '@/api/names'

/** The value itself is the points; there is nothing to set. */
defineProps<{ curve: CurveOf<'raw'>; at: string; unit: string }>()
</script>

<template>.</template>
