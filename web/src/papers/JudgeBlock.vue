<script setup lang="ts">
import { computed } from 'vue'
import type { PaperBlock, PaperField, Team } from '@/api/names'
import { usePrinting } from './paper'

/** One table of a judge's sheet: a row for each thing, or for each thing of each team. */
const props = defineProps<{ block: PaperBlock; teams?: readonly Team[] }>()
const now = usePrinting()
const named = computed(() => props.block.rows.some((r) => r.name))
const rows = computed(() =>
  (props.teams ?? [undefined]).flatMap((team) =>
    props.block.rows.map((row, i) => ({ team, row, first: i === 0, key: `${team?.id} ${i}` })),
  ),
)
/** Long rules are numbered in the head and written out above it. */
const isLong = (c: string) => c.length > 24
const long = computed(() => props.block.columns.filter(isLong))
const head = (c: string) => (isLong(c) ? `(${long.value.indexOf(c) + 1})` : c)
const words = (f: PaperField) =>
  f.kind === 'met' ? ['met', 'missed'] : f.kind === 'choice' ? f.choices.map((c) => c.name) : []
</script>

<template>
  <section>
    <h3 v-if="named">{{ block.title }}</h3>
    <ol v-if="long.length > 0" class="long">
      <li v-for="c in long" :key="c">{{ c }}</li>
    </ol>
    <table class="ruled">
      <thead>
        <tr>
          <th v-if="teams" scope="col">Team</th>
          <th v-if="named" scope="col">{{ block.of }}</th>
          <th v-for="c in block.columns" :key="c" scope="col">{{ head(c) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.key">
          <th v-if="teams && r.first" scope="rowgroup" :rowspan="block.rows.length">
            {{ r.team?.name }} ({{ now.on.rally?.marks.get(r.team?.id ?? '')?.sign }})
          </th>
          <th v-if="named" scope="row">{{ r.row.name }}</th>
          <td v-for="f in r.row.fields" :key="f.id" :class="f.kind">
            <span v-for="w in words(f)" :key="w" class="word"><i class="box" aria-hidden="true"></i> {{ w }}</span>
            <i v-if="f.kind === 'tick'" class="box" aria-hidden="true"></i>
            <span v-if="f.unit" class="unit">{{ f.unit }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.long {
  list-style: decimal inside;
}
td {
  height: 9mm;
}
.reading,
.count {
  min-width: 24mm;
}
.unit {
  float: right;
}
.words {
  min-width: 28mm;
}
.word {
  display: inline-block;
  white-space: nowrap;
  margin-right: 0.8em;
}
.box {
  display: inline-block;
  width: 0.8em;
  height: 0.8em;
  border: 1.2px solid var(--ink);
}
</style>
