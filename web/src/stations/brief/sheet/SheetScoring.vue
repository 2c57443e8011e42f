<script setup lang="ts">
import type { Brief } from '@/api/names'
import GrowText from '@/fields/GrowText.vue'

/**
 * How it is scored: written from the method, until the teacher says it in words of their own. Where the method has
 * nothing yet, words begin it.
 */
const props = defineProps<{ brief: Brief; scoring: readonly string[] }>()
const own = () => (props.brief.scoringWords = props.scoring.join('\n'))
</script>

<template>
  <template v-if="brief.scoringWords || brief.method.parts.length === 0">
    <GrowText
      v-model="brief.scoringWords"
      label="How it is scored, in your words"
      at="/scoringWords"
      placeholder="What scores points? For example: 2 points for each bead"
    />
    <button
      v-if="brief.method.parts.length > 0"
      type="button"
      class="act not-on-paper"
      @click="brief.scoringWords = ''"
    >
      Reset to the method’s wording
    </button>
  </template>
  <template v-else>
    <p v-if="scoring.length === 0" class="muted">This is written from the method once the snags are fixed.</p>
    <ul class="scoring" data-at="/scoringWords" tabindex="-1">
      <li v-for="s in scoring" :key="s">{{ s }}</li>
    </ul>
    <button v-if="scoring.length > 0" type="button" class="act not-on-paper" @click="own">Use my own wording</button>
  </template>
</template>

<style scoped>
.scoring li + li {
  margin-top: var(--space-2);
}
</style>
