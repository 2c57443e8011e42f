<script setup lang="ts">
import { computed } from 'vue'
import type { Shopping } from '@/api/names'

/** What is short for all rallies that are planned, with what it is for. */
const props = defineProps<{ shopping: Shopping }>()
const lines = computed(() => props.shopping.lines)
const short = computed(() => lines.value.filter((l) => l.buying.short > 0))
const shown = (n: number) => String(Math.round(n * 100) / 100)
const costs = computed(() => props.shopping.costs.map((c) => `${shown(c.amount)} ${c.money}`))
</script>

<template>
  <p v-if="lines.length === 0" class="muted">
    Nothing is planned. Plan a brief, or begin a rally from it, and what it needs is added up here.
  </p>
  <p v-else-if="short.length === 0">Everything that is planned for is there.</p>
  <template v-else>
    <div class="scroll" role="region" aria-label="What is to be bought" tabindex="0">
      <table class="rows">
        <thead>
          <tr>
            <th scope="col">Material</th>
            <th scope="col" class="number">Needed</th>
            <th scope="col" class="number">There</th>
            <th scope="col" class="number">To buy</th>
            <th scope="col" class="number">Cost</th>
            <th scope="col">For</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in short" :key="l.name + l.unit">
            <th scope="row">{{ l.name }}{{ l.unit ? ` (${l.unit})` : '' }}</th>
            <td class="number">{{ shown(l.needed) }}</td>
            <td class="number">{{ shown(l.inCupboard) }}</td>
            <td class="number">
              {{
                typeof l.buying.packs === 'number'
                  ? `${l.buying.packs} ${l.buying.packs === 1 ? 'pack' : 'packs'}`
                  : shown(l.buying.short)
              }}
            </td>
            <td class="number">{{ typeof l.buying.cost === 'number' ? `${shown(l.buying.cost)} ${l.money}` : '' }}</td>
            <td class="small muted">{{ l.for.join(', ') }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="sum">
      <b v-if="costs.length > 0">{{ costs.join(' and ') }} in all.</b>
      <a class="small" href="/api/shopping/file" download>Shopping list as a table</a>
    </p>
  </template>
</template>

<style scoped>
.sum {
  display: flex;
  justify-content: space-between;
  padding-top: 0.75rem;
}
</style>
