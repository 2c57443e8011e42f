<script setup lang="ts">
import { watch } from 'vue'
import { api, ask } from '@/api/client'
import { useLoad } from '@/shared/useLoad'
import ReadingsInRange from './ReadingsInRange.vue'

/**
 * After the class: what was expected of each thing, and what came, reading by reading. What the brief could learn is
 * offered there.
 */
const props = defineProps<{ rally: string; round: number; tick: number }>()
const { data, load } = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/expected', { params: { path: { id: props.rally }, query: { round: props.round } } })),
)
watch([() => props.tick, () => props.round], load, { immediate: true })
</script>

<template>
  <section v-if="data && data.things.length > 0" aria-labelledby="expected-and-came">
    <h2 id="expected-and-came">Expected and actual</h2>
    <div class="scroll" tabindex="0" role="region" aria-label="Expected and actual">
      <table class="rows">
        <thead>
          <tr>
            <th scope="col"><span class="out-of-sight">What</span></th>
            <th scope="col">Expected</th>
            <th scope="col">Actual</th>
            <th scope="col"><span class="out-of-sight">Compared</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="t in data.things" :key="t.name">
            <th scope="row">{{ t.name }}</th>
            <td class="figures">{{ t.expected }}</td>
            <td class="figures">{{ t.came }}</td>
            <td>
              <ReadingsInRange v-if="t.range && t.readings.length > 0" :range="t.range" :readings="t.readings" />
              {{ t.says }}
              <details v-if="t.readings.length > 0">
                <summary>Reading by reading</summary>
                <ul class="small">
                  <li v-for="(r, i) in t.readings" :key="i" :class="{ outside: !r.inside }">
                    {{ r.team }}<template v-if="r.attempt > 0">, attempt {{ r.attempt }}</template
                    >: {{ r.text }}<template v-if="!r.inside">, outside</template>
                  </li>
                </ul>
              </details>
              <p v-if="t.learn" class="learn">
                {{ t.learn.says }}
                <RouterLink v-if="data.brief" :to="`/briefs/${data.brief}?margin=last`">{{
                  t.learn.fix.label
                }}</RouterLink>
              </p>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
section {
  border-top: var(--rule);
  margin-top: var(--space-6);
  padding-top: var(--space-5);
}
tbody th {
  width: 26%;
  font-weight: 500;
}
details ul {
  columns: 3 13rem;
}
.outside {
  font-weight: 700;
}
.learn {
  border-left: 5px solid var(--marigold);
  padding: var(--space-2) 0 var(--space-2) var(--space-4);
  margin-top: var(--space-3);
}
</style>
