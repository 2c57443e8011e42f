<script setup lang="ts">
import Select from 'primevue/select'
import { computed } from 'vue'

/** Which tier each team works in, where not all work in one: the lesson is one, the results are each tier's. */
const tierOf = defineModel<Record<string, string>>({ required: true })
const props = defineProps<{
  teams: readonly string[]
  tiers: readonly { id: string; name: string }[]
  /** The tier of a team that has none of its own. */
  usual: string
}>()
const names = computed(() => [...new Set(props.teams.filter(Boolean))])
const choose = (team: string, tier: string) => (tierOf.value = { ...tierOf.value, [team]: tier })
</script>

<template>
  <section aria-labelledby="team-tiers">
    <h2 id="team-tiers">Tier of each team</h2>
    <p class="small muted">
      The lesson has one clock, one order of the test, and one wall. Each tier has its own brief and its own results,
      and you can combine them.
    </p>
    <p v-if="names.length === 0" class="muted">There are no teams yet.</p>
    <ul>
      <li v-for="team in names" :key="team">
        <span>{{ team }}</span>
        <Select
          :model-value="tierOf[team] ?? usual"
          :options="[...tiers]"
          :option-label="(t) => t.name || t.id"
          option-value="id"
          :aria-label="`Tier of ${team}`"
          placeholder="The brief itself"
          @update:model-value="choose(team, $event)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(24rem, 100%), 1fr));
  gap: var(--space-3) var(--space-7);
  padding-top: var(--space-3);
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(9rem, 14rem);
  align-items: center;
  gap: var(--space-4);
  overflow-wrap: anywhere;
}
</style>
