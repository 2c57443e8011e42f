<script setup lang="ts">
/** How many places of a list are not revealed yet. */
defineProps<{ places: number }>()
</script>

<template>{{ places === 1 ? 'The first place is' : `${places} places are` }} still to come</template>
