<script setup lang="ts">
import { computed } from 'vue'
import type { RehearsalFinding, RehearsalOffer } from '@/api/names'
import ShareBars from './ShareBars.vue'

/** A thing that the rehearsal found, its bars beside it, and the changes that help. */
const { finding, offers } = defineProps<{
  finding: RehearsalFinding
  offers: readonly RehearsalOffer[]
  /** Whether more may still come. */
  trying: boolean
  /** Whether the brief has been changed since, so that nothing can be taken over any more. */
  stale: boolean
}>()
const emit = defineEmits<{ take: [offer: RehearsalOffer] }>()
const words = {
  wrong: 'Needs a change',
  mind: 'Worth a thought',
  ifGuessed: 'Fine if the guesses are right',
  fine: 'As it should be',
} as const
const best = computed(() => [...offers].sort((a, b) => b.gain - a.gain).slice(0, 3))
</script>

<template>
  <li :class="`weighs-${finding.weight}`">
    <div class="beside">
      <div>
        <p class="small weight">{{ words[finding.weight] }}</p>
        <p>{{ finding.says }}</p>
      </div>
      <ShareBars :caption="finding.caption" :bars="finding.bars" />
    </div>
    <ul v-if="best.length > 0" class="offers">
      <li v-for="o in best" :key="o.label">
        <button type="button" class="fix" :disabled="stale" @click="emit('take', o)">{{ o.label }}</button>
        <span>{{ o.says }}</span>
        <span v-if="o.but" class="small but">But then: {{ o.but }}</span>
      </li>
    </ul>
    <p v-else-if="finding.weight === 'wrong' && !trying" class="small muted">No change that was tried helps enough.</p>
  </li>
</template>

<style scoped>
li {
  list-style: none;
}
.weighs-wrong,
.weighs-mind,
.weighs-ifGuessed,
.weighs-fine {
  border-left: 5px solid var(--line);
  padding: var(--space-3) 0 var(--space-3) var(--space-4);
}
.weighs-wrong {
  border-left-color: var(--brick);
}
.weighs-mind {
  border-left-color: var(--marigold);
}
.weighs-ifGuessed {
  border-left-style: dashed;
}
.weight {
  font-weight: 700;
  color: var(--muted);
}
.weighs-wrong .weight {
  color: var(--brick-deep);
}
.beside {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-2) var(--space-6);
  align-items: start;
}
.offers {
  display: grid;
  gap: var(--space-3);
  margin-top: var(--space-3);
}
.offers li {
  display: grid;
  grid-template-columns: minmax(9rem, 15rem) minmax(0, 1fr);
  gap: var(--space-1) var(--space-4);
  align-items: center;
}
.but {
  grid-column: 2;
  color: var(--brick-deep);
}
.fix:disabled {
  border-style: dashed;
  color: var(--muted);
  cursor: default;
}
@media (max-width: 700px) {
  .beside,
  .offers li {
    grid-template-columns: minmax(0, 1fr);
  }
  .but {
    grid-column: 1;
  }
}
</style>
