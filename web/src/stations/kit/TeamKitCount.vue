<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import type { Team, TeamKit } from '@/api/names'
import { useDraft } from '@/shared/useDraft'
import TeamPennant from '@/shared/TeamPennant.vue'
import type { TeamMark } from '@/shared/teamMarks'
import { numberIn } from '@/shared/numbers'
import { singly } from '@/shared/singly'

/** One team's kit: counted out with what is due, then back with what went out, each signed. */
const props = defineProps<{ kit: TeamKit; team: Team; mark: TeamMark }>()
const emit = defineEmits<{
  counted: [way: 'out' | 'back', amounts: { material: string; amount: number }[], by: string]
}>()
const open = ref(false)
const way = computed(() => (typeof props.kit.outBy === 'string' ? 'back' : 'out'))
const shown = (n: number | null | undefined) => (typeof n === 'number' ? String(Math.round(n * 100) / 100) : '')
const due = (l: TeamKit['lines'][number]) => (way.value === 'out' ? (l.out ?? l.due) : (l.back ?? l.dueBack))
const { draft: counts, follow } = useDraft<Record<string, string>>(() =>
  Object.fromEntries(props.kit.lines.map((l) => [l.material, shown(due(l))])),
)
const { draft: by, follow: followBy } = useDraft(() => (way.value === 'out' ? props.kit.outBy : props.kit.backBy) ?? '')
watch(way, () => (follow(), followBy()))
const amount = (text: string) => numberIn(text) ?? Number.NaN
const wrong = computed(() => props.kit.lines.filter((l) => !(amount(counts.value[l.material] ?? '') >= 0)))
function count(which: 'out' | 'back') {
  if (wrong.value.length > 0) return
  emit(
    'counted',
    which,
    props.kit.lines.map((l) => ({ material: l.material, amount: amount(counts.value[l.material] ?? '') })),
    by.value.trim(),
  )
  open.value = false
}
</script>

<template>
  <li :class="{ missing: kit.lines.some((l) => l.missing > 0) }">
    <p class="head">
      <TeamPennant :mark="mark" :width="56" />
      <span>
        <b>{{ team.name }}</b>
        <span class="small says">{{ kit.says }}</span>
      </span>
      <button
        v-if="kit.lines.length > 0"
        type="button"
        class="act"
        :aria-expanded="open"
        :aria-label="`${open ? 'Close' : way === 'out' ? 'Count out' : 'Count back'}: ${team.name}`"
        @click="open = !open"
      >
        {{ open ? 'Close' : way === 'out' ? 'Count out' : 'Count back' }}
      </button>
    </p>
    <form v-if="open" novalidate @submit.prevent="singly(count, way)">
      <table class="rows">
        <thead>
          <tr>
            <th scope="col">Material</th>
            <th scope="col" class="number">{{ way === 'out' ? 'Due' : 'Went out' }}</th>
            <th scope="col" class="number">{{ way === 'out' ? 'Out' : 'Back' }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in kit.lines" :key="l.material">
            <th scope="row">{{ l.name }}{{ l.unit ? ` (${l.unit})` : '' }}</th>
            <td class="number">{{ shown(way === 'out' ? l.due : (l.out ?? l.due)) }}</td>
            <td class="number">
              <input
                v-model="counts[l.material]"
                class="inline"
                inputmode="decimal"
                :aria-label="`${l.name}, ${way === 'out' ? 'out' : 'back'}, ${team.name}`"
                :aria-invalid="wrong.includes(l)"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="wrong.length > 0" class="small wrong" role="alert">
        Write how much there is of {{ wrong.map((l) => l.name).join(', ') }}, 0 or more.
      </p>
      <p class="sign">
        <label>
          Signed by
          <input v-model="by" class="inline" maxlength="120" :aria-label="`Signed by, ${team.name}`" />
        </label>
        <Button type="submit" size="small" :label="way === 'out' ? 'Counted out' : 'Counted back'" />
      </p>
      <p v-if="way === 'back'" class="small muted">
        Went out {{ kit.outBy ? `with ${kit.outBy}` : 'unsigned' }}.
        <template v-if="typeof kit.backBy === 'string'">Counting again takes the place of the last count.</template>
      </p>
    </form>
  </li>
</template>

<style scoped>
li {
  border-bottom: var(--rule);
  padding: var(--space-3) 0;
}
.head {
  display: flex;
  gap: var(--space-4);
  align-items: center;
}
.head > span {
  flex: 1;
  overflow-wrap: anywhere;
}
.says {
  display: block;
  color: var(--muted);
}
.missing .says,
.act {
  white-space: nowrap;
}
table {
  width: 100%;
  margin-top: var(--space-3);
}
.number input {
  width: 4.5rem;
  field-sizing: fixed;
  text-align: right;
  min-height: 32px;
}
.sign {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  justify-content: space-between;
  align-items: center;
  padding-top: var(--space-3);
}
.sign input {
  width: 9rem;
  field-sizing: fixed;
  min-height: 32px;
}
</style>
