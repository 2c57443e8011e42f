<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Brief, Refusal, RehearsalAsked, RehearsalBeside, RehearsalChange } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'
import PlacesThen from './PlacesThen.vue'

/** The brief as it is and as it might be, played by the same classes: whose places change. */
const props = defineProps<{
  id: string
  brief: Brief
  tier: string
  asked: RehearsalAsked
  choices: readonly RehearsalChange[]
}>()
const emit = defineEmits<{ take: [change: RehearsalChange] }>()
const chosen = ref<string[]>([])
const beside = ref<RehearsalBeside>()
const might = computed(() => props.choices.filter((c) => chosen.value.includes(c.label)))
const changes = computed(() => might.value.flatMap((c) => c.changes))
const refusal = ref<Refusal>()
const playing = ref(false)
async function hold() {
  playing.value = true
  const answer = await ask(
    api.POST('/api/drafts/rehearsal/beside', {
      body: { brief: props.brief, tier: props.tier, asked: props.asked, changes: changes.value, of: props.id },
    }),
  )
  beside.value = answer.ok ? answer.data : undefined
  refusal.value = refusalOf(answer)
  playing.value = false
}
watch([chosen, () => props.brief], () => (beside.value = undefined), { deep: true })
</script>

<template>
  <section aria-labelledby="side-by-side">
    <h3 id="side-by-side">As it is, and as it might be</h3>
    <fieldset>
      <legend class="small muted">What if?</legend>
      <label v-for="c in choices" :key="c.label">
        <input v-model="chosen" type="checkbox" :value="c.label" />
        {{ c.label }}
      </label>
    </fieldset>
    <p class="ways">
      <Button
        label="Compare side by side"
        size="small"
        variant="outlined"
        :disabled="chosen.length === 0 || playing"
        @click="hold"
      />
      <span v-if="playing" role="status" class="small">The same classes play both…</span>
      <button v-if="beside" type="button" class="fix" @click="emit('take', { label: chosen.join(', '), changes })">
        Apply this change
      </button>
    </p>
    <RefusalNote :refusal="refusal" />
    <div v-if="beside" class="beside">
      <ul>
        <li v-for="s in beside.says" :key="s">{{ s }}</li>
      </ul>
      <PlacesThen v-if="beside.example.length > 0" :places="beside.example" />
    </div>
  </section>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: var(--space-2) 0;
  columns: 3 14rem;
}
label {
  display: flex;
  gap: var(--space-3);
  align-items: baseline;
  min-height: 26px;
  font-size: var(--size-small);
  break-inside: avoid;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
}
.beside {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-6);
  margin-top: var(--space-3);
}
ul {
  list-style: square;
  padding-left: var(--space-5);
}
@media (max-width: 700px) {
  .beside {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
