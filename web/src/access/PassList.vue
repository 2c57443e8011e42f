<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Pass } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'

/** Codes or links that are good: the picture for a camera, what is typed, and the end of it. */
const props = defineProps<{ passes: readonly Pass[] }>()
defineEmits<{ end: [pass: string] }>()
const ending = ref<string>()
const outSays =
  'Devices that joined with it are signed out at once. What they recorded stays. ' +
  'What waits on them is sent when they join again.'
const asked = computed(() => props.passes.find((p) => p.id === ending.value))
</script>

<template>
  <ul>
    <li v-for="p in passes" :key="p.id">
      <!-- eslint-disable-next-line vue/no-v-html -- drawn by our own server from the link beside it -->
      <div class="picture" role="img" :aria-label="`Picture of ${p.link}`" v-html="p.picture" />
      <div>
        <p v-if="p.kind !== 'wall'" class="code figures">{{ p.code }}</p>
        <p v-else class="small link">{{ p.link }}</p>
        <p v-if="p.also.length > 0" class="small">also opens {{ p.also.join(', ') }}</p>
        <Button
          :label="p.kind === 'wall' ? 'End this link' : 'End this code'"
          :aria-label="p.kind === 'wall' ? `End this link: ${p.link}` : `End this code: ${p.code}`"
          variant="outlined"
          @click="ending = p.id"
        />
      </div>
    </li>
  </ul>
  <AskRemoval
    v-model="ending"
    verb="End"
    :what="asked?.kind === 'wall' ? 'this link' : `code ${asked?.code ?? ''}`"
    :goes="asked?.kind === 'wall' ? 'The screens that it opened show nothing more.' : outSays"
    :back="
      asked?.kind === 'wall' ? 'To show the wall again, make a new link.' : 'To let them in again, make a new code.'
    "
    @yes="$emit('end', asked!.id)"
  />
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-6);
  padding: var(--space-4) 0;
  border-bottom: var(--rule);
}
.picture {
  width: 11rem;
  height: 11rem;
  background: var(--on-dark);
  padding: var(--space-3);
  border: 1.5px solid var(--ink);
}
.code {
  font: 750 var(--size-title) / 1.1 var(--title);
  letter-spacing: 0.06em;
}
.link {
  overflow-wrap: anywhere;
}
</style>
