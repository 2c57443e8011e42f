<script setup lang="ts">
import Button from 'primevue/button'
import InputNumber from 'primevue/inputnumber'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { ClassOfFair, Problem } from '@/api/names'
import { countOf } from '@/shared/numbers'
import SlotFields from './SlotFields.vue'

/** A class of a fair that is about to begin: its tier, its teams, its time, its place and its tables. */
defineProps<{
  students: number | undefined
  tiers: readonly { label: string; value: string }[]
  problems: readonly Problem[]
}>()
const group = defineModel<ClassOfFair>({ required: true })
defineEmits<{ remove: [] }>()
const change = (part: Partial<ClassOfFair>) => (group.value = { ...group.value, ...part })
const called = computed(() => group.value.name || 'the class')
/** A choice needs a value that is not empty. */
const tier = computed({
  get: () => group.value.tier || 'brief',
  set: (id) => change({ tier: id === 'brief' ? '' : id }),
})
</script>

<template>
  <li :aria-label="called">
    <div class="fields">
      <label class="field grows"
        >Class
        <InputText
          maxlength="80"
          :model-value="group.name"
          :aria-label="`Name of ${called}`"
          @update:model-value="change({ name: $event ?? '' })"
        />
      </label>
      <div class="field">
        <span>Tier</span>
        <Select
          v-model="tier"
          :options="[...tiers]"
          option-label="label"
          option-value="value"
          :aria-label="`Tier, ${called}`"
        />
      </div>
      <label v-if="students !== undefined" class="field"
        >Students in a team
        <InputNumber
          show-buttons
          :min="1"
          :max="40"
          :model-value="group.size"
          :input-props="{ 'aria-label': `Students in a team, ${called}` }"
          @update:model-value="change({ size: $event ?? 4 })"
        />
      </label>
      <label v-else class="field"
        >Teams
        <InputNumber
          show-buttons
          :min="1"
          :max="400"
          :model-value="group.teams"
          :input-props="{ 'aria-label': `Teams, ${called}` }"
          @update:model-value="change({ teams: $event ?? 1 })"
        />
      </label>
      <SlotFields :times="group" :of="called" :problems="problems" @change="change" />
      <Button
        type="button"
        class="remove"
        label="Remove"
        variant="outlined"
        severity="secondary"
        :aria-label="`Remove ${called}`"
        @click="$emit('remove')"
      />
    </div>
    <p v-if="students !== undefined" class="small muted">{{ countOf(students, 'student', 'students') }}</p>
    <p v-for="p in problems" :key="p.what" class="wrong small" role="alert">{{ p.what }} {{ p.remedy }}</p>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-2);
  padding-block: var(--space-4);
  border-bottom: var(--rule);
}
.fields {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: var(--space-3) var(--space-4);
}
.grows {
  flex: 0 1 14rem;
}
.fields :deep(input) {
  width: 100%;
}
.fields :deep(.p-inputnumber) {
  width: 6.5rem;
}
</style>
