<script setup lang="ts">
import Popover from 'primevue/popover'
import { computed, useTemplateRef } from 'vue'
import { capital } from './capital'
import GuideLink from './GuideLink.vue'
import { ourWords } from './ourWords'

/** A question mark beside a word of ours, where it first stands on a page: what it means, as the guide says it. */
const props = defineProps<{ word: string }>()
const meaning = computed(() => ourWords.get(props.word) ?? '')
const open = useTemplateRef('open')
</script>

<template>
  <button
    type="button"
    class="what not-on-paper"
    :aria-label="`What “${word}” means`"
    @click="(event) => open?.toggle(event)"
  >
    ?
  </button>
  <Popover ref="open">
    <p class="meaning">
      <b>{{ capital(word) }}</b>: {{ meaning }}
    </p>
    <p class="meaning small" @click="open?.hide()"><GuideLink to="words">All our words</GuideLink></p>
  </Popover>
</template>

<style scoped>
.what {
  width: 24px;
  height: 24px;
  margin-left: var(--space-3);
  padding: 0;
  border: 1.5px solid var(--muted);
  border-radius: 50%;
  background: none;
  color: var(--muted);
  font: 700 var(--size-small) / 1 var(--text);
  vertical-align: middle;
  cursor: pointer;
}
.meaning {
  max-width: 20rem;
}
</style>
