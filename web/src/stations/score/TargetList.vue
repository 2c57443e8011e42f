<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import InputText from 'primevue/inputtext'
import type { SheetTarget } from '@/api/names'
import { useDraftKey, useRecording } from '@/pads/recording'
import { useDraft } from '@/shared/useDraft'
import { written } from '@/shared/entries'

/** What a team set out to reach: it says its own, and sees how it stands to it. */
const props = defineProps<{ targets: readonly SheetTarget[] }>()
const { team, round, record } = useRecording()
const { draft: typed } = useDraft<Record<string, string>>(
  () => Object.fromEntries(props.targets.map((t) => [t.target, t.own ? t.amount : ''])),
  useDraftKey('targets'),
)
const set = (target: string, amount: string) =>
  record(written(team.value, round.value, { kind: 'targetSet', target, amount }))
</script>

<template>
  <section aria-labelledby="targets">
    <h3 id="targets">Targets</h3>
    <form
      v-for="t in targets"
      :key="t.target"
      class="touch-row"
      @submit.prevent="set(t.target, (typed[t.target] ?? '').trim())"
    >
      <label :for="`target-${t.target}`">{{ t.name }}</label>
      <InputText
        :id="`target-${t.target}`"
        v-model="typed[t.target]"
        :placeholder="t.own ? '' : t.amount || 'our own'"
      />
      <PadButton
        type="submit"
        label="Set as our target"
        variant="outlined"
        :aria-label="`Set as our target: ${t.name}`"
      />
      <p v-if="t.says" class="small">{{ t.says }}</p>
    </form>
  </section>
</template>

<style scoped>
form {
  align-items: center;
}
h3 {
  color: var(--lagoon-deep);
}
</style>
