<script setup lang="ts">
import { computed } from 'vue'
import DrawnByTeam from './DrawnByTeam.vue'
import PaperSheet from './PaperSheet.vue'
import RuledLines from './RuledLines.vue'
import { usePrinting } from './paper'

/** A page to write on: ideas, what is needed, readings, and what to change. Wide lines for the youngest. */
const now = usePrinting()
const work = computed(() => now.on.papers?.work)
/** The boxes that the brief names, else as many as are chosen. */
const boxes = computed(() =>
  work.value?.boxes.length ? work.value.boxes : Array.from({ length: now.choices.boxes }, () => ''),
)
/** Rows of the table in which a supply is planned before it is fetched. */
const planned = 6
/** A sheet a team; a blank one where there are no teams yet. */
const teams = computed(() => (now.teams.length > 0 ? now.teams : [undefined]))
</script>

<template>
  <PaperSheet
    v-for="t in teams"
    :key="t?.id ?? ''"
    title="Worksheet"
    :team="t"
    blank-team
    class="work"
    :class="now.choices.lines"
  >
    <template v-if="work">
      <DrawnByTeam :team="t" />
      <section>
        <h3>{{ boxes.length > 1 ? 'Our ideas' : 'Our idea' }}</h3>
        <p v-if="work.plans">{{ work.plans }}</p>
        <div class="boxes" :style="{ '--boxes': boxes.length }">
          <div v-for="(name, i) in boxes" :key="i" class="box">
            {{ name }}<span class="out-of-sight">room to draw</span>
          </div>
        </div>
      </section>
      <section v-if="work.materials.length > 0">
        <h3>What we need for it</h3>
        <ul class="plan">
          <li v-for="m in work.materials" :key="m"><i class="tick" aria-hidden="true"></i> {{ m }}</li>
        </ul>
      </section>
      <RuledLines v-else title="Our plan, and what we need for it" />
      <section v-if="now.choices.planning">
        <h3>Our plan, step by step</h3>
        <table class="ruled">
          <thead>
            <tr>
              <th scope="col">Step or floor</th>
              <th scope="col">What it takes, and how many</th>
              <th scope="col">Left</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="n in planned" :key="n">
              <td class="seen"></td>
              <td class="room seen"></td>
              <td></td>
            </tr>
          </tbody>
        </table>
      </section>
      <section v-if="work.once.length > 0">
        <h3>Measured once</h3>
        <table class="ruled">
          <tbody>
            <tr v-for="m in work.once" :key="m.name">
              <th scope="row">
                {{ m.name }}<template v-if="m.read"> ({{ m.read }})</template>
              </th>
              <td class="room"></td>
            </tr>
          </tbody>
        </table>
      </section>
      <section v-if="work.attempts > 0">
        <h3>What we measured</h3>
        <table class="ruled">
          <thead>
            <tr>
              <th scope="col">Attempt</th>
              <th v-for="m in work.each" :key="m.name" scope="col">
                {{ m.name }}<template v-if="m.read"> ({{ m.read }})</template>
              </th>
              <th scope="col">What we saw</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="n in work.attempts" :key="n">
              <th scope="row">{{ n }}</th>
              <td v-for="m in work.each" :key="m.name" class="room"></td>
              <td class="seen"></td>
            </tr>
          </tbody>
        </table>
      </section>
      <RuledLines title="What we will change next, and why" />
    </template>
  </PaperSheet>
</template>

<style scoped>
.work {
  --row: 13mm;
}
.narrow {
  --row: 8mm;
}
.boxes {
  display: grid;
  grid-template-columns: repeat(var(--boxes), minmax(0, 1fr));
  gap: 4mm;
}
.box {
  border: 1.5px solid var(--ink);
  height: 85mm;
  padding: 1mm 2mm;
  break-inside: avoid;
}
.plan {
  columns: 2;
  column-gap: 2em;
}
.plan li {
  break-inside: avoid;
}
.tick {
  display: inline-block;
  width: 0.75em;
  height: 0.75em;
  border: 1.2px solid var(--ink);
}
.room {
  min-width: 22mm;
  height: calc(var(--row) * 0.8);
}
.seen {
  width: 40%;
}
</style>
