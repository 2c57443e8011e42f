<script setup lang="ts">
import type { KitList } from '@/api/names'
import { vTyped } from '@/fields/vTyped'

/** The materials of a class, against the cupboard. */
defineProps<{ list: KitList; money: string }>()
defineEmits<{ stock: [name: string, unit: string, typed: string, was: number] }>()
const shown = (n: number | null | undefined) => (typeof n === 'number' ? String(Math.round(n * 100) / 100) : '–')
</script>

<template>
  <div class="scroll">
    <table v-if="list.lines.length > 0" class="rows">
      <thead>
        <tr>
          <th scope="col">Material</th>
          <th scope="col">For</th>
          <th scope="col" class="number">A team</th>
          <th scope="col" class="number">The class</th>
          <th scope="col" class="number">In the cupboard</th>
          <th scope="col" class="number">Short</th>
          <th scope="col" class="number">To buy</th>
          <th scope="col" class="number">Cost</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in list.lines" :key="l.material.id" :class="{ short: l.short > 0 }">
          <th scope="row">
            {{ l.material.name }}<span v-if="l.material.unit" class="muted"> ({{ l.material.unit }})</span>
            <span v-if="l.material.note" class="small muted note">{{ l.material.note }}</span>
          </th>
          <td class="small muted">{{ l.material.category }}{{ l.material.reusable ? ', given back' : '' }}</td>
          <td class="number">{{ l.byFunds ? 'up to ' : '' }}{{ shown(l.eachTeam) }}</td>
          <td class="number">
            {{ l.byFunds ? 'up to ' : '' }}{{ typeof l.total === 'number' ? shown(l.total) : 'no limit' }}
          </td>
          <td class="number">
            <input
              v-typed="shown(l.inCupboard)"
              class="inline"
              :aria-label="`In the cupboard: ${l.material.name}`"
              @change="
                $emit(
                  'stock',
                  l.material.name,
                  l.material.unit,
                  ($event.target as HTMLInputElement).value,
                  l.inCupboard,
                )
              "
            />
          </td>
          <td class="number">{{ l.short > 0 ? shown(l.short) : 'enough' }}</td>
          <td class="number">
            <template v-if="l.short > 0 && typeof l.packs === 'number'">
              {{ l.packs }} {{ l.packs === 1 ? 'pack' : 'packs'
              }}<span v-if="l.over > 0" class="small muted">, {{ shown(l.over) }} over</span>
            </template>
            <template v-else>{{ l.short > 0 ? shown(l.short) : '' }}</template>
          </td>
          <td class="number">{{ typeof l.cost === 'number' && l.cost > 0 ? `${shown(l.cost)} ${money}` : '' }}</td>
        </tr>
      </tbody>
      <tfoot v-if="list.cost > 0">
        <tr>
          <th scope="row" colspan="7">All of it ({{ shown(list.costEachTeam) }} {{ money }} a team)</th>
          <td class="number">{{ shown(list.cost) }} {{ money }}</td>
        </tr>
      </tfoot>
    </table>
    <p v-else class="muted">The brief names no materials yet. Write them on its sheet, and they are counted here.</p>
  </div>
</template>

<style scoped>
.number input {
  width: 5rem;
  field-sizing: fixed;
  text-align: right;
}
.short td:nth-child(6) {
  color: var(--brick);
  font-weight: 700;
}
.note {
  margin-left: var(--space-3);
}
tfoot {
  font-weight: 700;
}
</style>
