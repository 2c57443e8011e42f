<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import type { Scored } from '@/curves/kind'

/** The value itself is the points; there is nothing to set. */
defineProps<{ curve: CurveOf<'raw'>; at: string; of: Scored }>()
</script>

<template>.</template>
