<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { useGuideBeside } from './useGuideBeside'

/** A link to a page of the guide: it opens beside the work where there is room, and as a page where there is none. */
const props = defineProps<{ to: string }>()
const { page, roomy } = useGuideBeside()
const route = useRoute()
const beside = computed(() => roomy.value && !route.path.startsWith('/guide'))

function follow(event: MouseEvent, navigate: (event: MouseEvent) => unknown) {
  if (!beside.value || event.ctrlKey || event.metaKey || event.shiftKey) return navigate(event)
  event.preventDefault()
  page.value = page.value === props.to ? '' : props.to
}
</script>

<template>
  <RouterLink v-slot="{ href, navigate }" :to="`/guide/${to}`" custom>
    <a :href="href" :aria-expanded="beside ? page === to : undefined" @click="follow($event, navigate)"><slot /></a>
  </RouterLink>
</template>
