<script setup lang="ts">
import { computed } from 'vue'
import { ruleColumns } from '@/shared/ruleColumns'
import TeamPennant from '@/shared/TeamPennant.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** The places, the points and the awards, to pin up. */
const { rally } = useRallyPrinting()
const standings = computed(() => rally.papers.standings)
const together = computed(() => rally.papers.rounds)
const parts = computed(() => standings.value.rows[0]?.parts ?? [])
const extras = computed(() => ruleColumns(standings.value.rows))
const awards = computed(() => standings.value.awards.filter((a) => a.teams.length > 0))
</script>

<template>
  <PaperSheet
    :title="standings.round > 1 ? `Standings after round ${standings.round}` : 'Standings'"
    :landscape="parts.length > 4"
  >
    <p>
      {{ standings.winsText
      }}<template v-if="standings.provisional"> Not final yet: some teams are not finished.</template>
    </p>
    <table class="ruled">
      <thead>
        <tr>
          <th v-if="standings.ranking" scope="col">Place</th>
          <th scope="col">Team</th>
          <th v-for="p in parts" :key="p.part" scope="col">{{ p.name }}</th>
          <th v-for="[title] in extras" :key="title" scope="col">{{ title }}</th>
          <th v-if="parts.length > 0" scope="col">Total</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in standings.rows" :key="row.team">
          <td v-if="standings.ranking">{{ row.placeText || row.noPlaceText }}</td>
          <th scope="row" class="team">
            <TeamPennant :mark="rally.marks.get(row.team)!" :width="44" /> {{ row.name }}
          </th>
          <td v-for="p in row.parts" :key="p.part">
            {{ p.pointsText }}<template v-if="p.valueText"> ({{ p.valueText }})</template>
          </td>
          <td v-for="[title, key] in extras" :key="title">{{ row[key] || '–' }}</td>
          <td v-if="parts.length > 0">
            <b>{{ row.totalText }}</b>
          </td>
        </tr>
      </tbody>
    </table>
    <section v-if="together">
      <h3>All rounds</h3>
      <p>{{ together.wayText }}</p>
      <table class="ruled">
        <thead>
          <tr>
            <th scope="col">Place</th>
            <th scope="col">Team</th>
            <th v-for="r in together.rounds" :key="r" scope="col">Round {{ r }}</th>
            <th scope="col">Total</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in together.rows" :key="row.team">
            <td>{{ row.placeText || '–' }}</td>
            <th scope="row">{{ row.name }}</th>
            <td v-for="(text, i) in row.rounds" :key="i">{{ text }}</td>
            <td>
              <b>{{ row.totalText }}</b>
              <template v-if="!row.totalText">{{ row.why }}</template>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="awards.length > 0">
      <h3>Awards</h3>
      <p v-for="a in awards" :key="a.award + a.name">{{ a.says }}</p>
    </section>
  </PaperSheet>
</template>

<style scoped>
.team :deep(svg) {
  vertical-align: middle;
}
</style>
