<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Instrument, MeasureKind } from '@/api/names'
import { useRecording } from '@/pads/recording'
import { singly } from '@/shared/singly'

/** Takes what an instrument shows, once its display has come to rest; `as` says what for where that is not plain. */
const props = defineProps<{ rally: string; kind: MeasureKind; as?: string }>()
const emit = defineEmits<{ taken: [reading: { typed: string; instrument: string }] }>()
const { instruments } = useRecording()
const fitting = computed(() => instruments.value.filter((i) => i.kind === props.kind))
const describe = (i: Instrument) =>
  ({
    idle: 'shows nothing yet',
    moving: `${i.shown}, still moving`,
    stable: i.shown,
    overloaded: 'overloaded: take something off',
    lost: 'connection lost; read it by eye',
  })[i.state]
/** What came of setting an instrument to zero, by its id. */
const zeroed = ref<Readonly<Record<string, string>>>({})
async function zero(i: Instrument) {
  const answer = await ask(
    api.POST('/api/rallies/{id}/instruments/{instrument}/zero', {
      params: { path: { id: props.rally, instrument: i.id } },
    }),
  )
  zeroed.value = { ...zeroed.value, [i.id]: refusalOf(answer)?.title ?? 'Set to zero.' }
}
</script>

<template>
  <p v-for="i in fitting" :key="i.id" class="instrument small" :class="i.state">
    <span
      >{{ i.name }}: <b class="figures">{{ describe(i) }}</b></span
    >
    <PadButton
      type="button"
      data-key="instrument"
      :label="as ? `Use as ${as}` : 'Use reading'"
      :aria-label="`Use ${as ? `as ${as}` : 'reading'}: ${i.name}`"
      variant="outlined"
      :disabled="i.state !== 'stable'"
      @click="emit('taken', { typed: i.shown, instrument: i.name })"
    />
    <PadButton
      v-if="i.state !== 'lost' && i.kind !== 'duration'"
      type="button"
      label="Zero"
      :aria-label="`Zero: ${i.name}`"
      variant="text"
      severity="secondary"
      @click="singly(zero, i)"
    />
    <span role="status">{{ zeroed[i.id] }}</span>
  </p>
</template>

<style scoped>
.instrument {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3);
  border-left: 4px solid var(--line);
  padding-left: var(--space-3);
}
.instrument :deep(button) {
  min-height: var(--touch);
}
.stable {
  border-left-color: var(--lagoon);
}
.lost,
.overloaded {
  border-left: 4px dashed var(--brick);
  color: var(--brick);
}
</style>
