<script setup lang="ts">
import { computed } from 'vue'
import type { RallyOnShelf } from '@/api/names'
import { shortDay } from '@/shared/days'

/** Which rallies are combined: first the brief, then its rallies. */
const props = defineProps<{ rallies: readonly RallyOnShelf[] }>()
const chosen = defineModel<readonly string[]>({ required: true })
/** Rallies belong together by their brief; where that is not on this shelf, by its title. */
const briefOf = (r: RallyOnShelf) => r.briefId ?? r.briefTitle
const briefs = computed(() => {
  const groups = new Map<string, RallyOnShelf[]>()
  for (const r of props.rallies.filter((one) => !one.archived || chosen.value.includes(one.id)))
    groups.set(briefOf(r), [...(groups.get(briefOf(r)) ?? []), r])
  return [...groups.values()].filter((g) => g.some((r) => r.entries > 0))
})
const group = computed(() => briefs.value.find((g) => g.some((r) => chosen.value.includes(r.id))))
const begun = (g: readonly RallyOnShelf[]) => g.filter((r) => r.entries > 0)
const toggle = (id: string) =>
  (chosen.value = chosen.value.includes(id) ? chosen.value.filter((r) => r !== id) : [...chosen.value, id])
</script>

<template>
  <fieldset v-if="group" class="which">
    <legend class="small muted">Rallies of {{ group[0]!.briefTitle }}</legend>
    <label v-for="r in group" :key="r.id">
      <input type="checkbox" :checked="chosen.includes(r.id)" @change="toggle(r.id)" />
      {{ r.name }}<span v-if="r.date" class="small muted">, {{ shortDay(r.date) }}</span>
    </label>
  </fieldset>
  <component
    :is="group ? 'details' : 'section'"
    v-if="briefs.length > (group ? 1 : 0)"
    :key="group ? 'other' : 'first'"
  >
    <summary v-if="group">Another brief</summary>
    <h2 v-else>Which brief?</h2>
    <ul class="briefs">
      <li v-for="g in briefs.filter((b) => b !== group)" :key="g[0]!.id">
        <button type="button" class="act" @click="chosen = begun(g).map((r) => r.id)">{{ g[0]!.briefTitle }}</button>
        <span class="small muted">{{
          begun(g).length === 1
            ? begun(g)[0]!.name
            : `${begun(g).length} rallies: ${begun(g)
                .map((r) => r.name)
                .join('; ')}`
        }}</span>
      </li>
    </ul>
  </component>
  <p v-else-if="!group" class="muted">
    Nothing is recorded yet. When the rallies of a brief have results, they are combined here.
  </p>
</template>

<style scoped>
.which {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  border: 0;
  margin: 0;
  padding: 0;
}
.which label {
  min-height: 2rem;
}
.briefs li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--space-1) var(--space-5);
  padding: var(--space-2) 0;
}
</style>
