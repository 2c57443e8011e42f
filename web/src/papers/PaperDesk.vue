<script setup lang="ts">
import Button from 'primevue/button'
import { computed, defineAsyncComponent, provide, reactive, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import StationHead from '@/shared/StationHead.vue'
import { thisBrowser } from '@/shared/thisBrowser'
import PaperOptions from './PaperOptions.vue'
import { printing, type OnPaper, type PaperChoices } from './paper'
import { paperGroups } from './kinds'

/** What goes to the printer: pick a sort, see it as it prints, print all or one. */
const props = defineProps<{ on: OnPaper; paper: PaperChoices['paper'] }>()
const route = useRoute()
const router = useRouter()
const offered = computed(() =>
  paperGroups.map((g) => ({ ...g, kinds: g.kinds.filter((s) => s.id === 'sheet' || !s.ofRally || props.on.rally) })),
)
const all = computed(() => offered.value.flatMap((g) => g.kinds))
/** The address says what is printed, so that other pages lead to it. */
const inAddress = (name: string) => (typeof route.query[name] === 'string' ? route.query[name] : '')
const kind = computed(() => all.value.find((s) => s.id === inAddress('print')) ?? all.value[0]!)
const sheets = new Map(paperGroups.flatMap((g) => g.kinds.map((s) => [s.id, defineAsyncComponent(s.sheet)])))
const chooseSort = (id: string) => void router.replace({ query: { ...route.query, print: id, team: undefined } })
const team = computed(() => (kind.value.byTeam ? inAddress('team') : ''))
const chooseTeam = (id: string) => void router.replace({ query: { ...route.query, team: id || undefined } })

/** Whoever prints on another paper than the school's does so the next time too. */
const size = `paper:${props.paper}`
const remembered = thisBrowser.read(size)
const choices = reactive<PaperChoices>({
  paper: remembered === 'A4' || remembered === 'letter' ? remembered : props.paper,
  ink: 'colour',
  letters: props.on.largePrint ? 'print' : 'usual',
  lines: props.on.largePrint ? 'wide' : 'narrow',
  boxes: 1,
  planning: false,
  behind: !props.on.rally,
  judges: 'team',
  tables: 1,
  byHand: true,
  certificate: 'best',
  next: '',
})
watch(
  () => props.on.largePrint,
  (large) => {
    choices.letters = large ? 'print' : 'usual'
    choices.lines = large ? 'wide' : 'narrow'
  },
)
watch(
  () => choices.paper,
  (paper) => thisBrowser.keep(size, paper),
)
const teams = computed(() => props.on.rally?.teams.filter((t) => !team.value || t.id === team.value) ?? [])
const now = reactive({ on: computed(() => props.on), choices, teams })
provide(printing, now)
/** The size of the paper is part of the printed page and cannot be set by a class. */
const page = computed(() => `@page { size: ${choices.paper}; margin: 13mm 14mm 18mm; }`)
const print = () => window.print()
</script>

<template>
  <main id="main" class="desk">
    <component :is="'style'">{{ page }}</component>
    <StationHead class="not-on-paper" title="On paper" next="Choose what to print. Black and white works.">
      <slot name="links" />
      <Button label="Print" size="small" @click="print" />
    </StationHead>
    <p class="choices not-on-paper">
      <slot />
      <select
        class="inline"
        aria-label="What to print"
        :value="kind.id"
        @change="chooseSort(($event.target as HTMLSelectElement).value)"
      >
        <optgroup v-for="g in offered" :key="g.group" :label="g.group">
          <option v-for="s in g.kinds" :key="s.id" :value="s.id">{{ s.name }}</option>
        </optgroup>
      </select>
      <template v-if="kind.byTeam && on.rally">
        of
        <select
          class="inline"
          aria-label="Which team"
          :value="team"
          @change="chooseTeam(($event.target as HTMLSelectElement).value)"
        >
          <option value="">all teams</option>
          <option v-for="t in on.rally.teams" :key="t.id" :value="t.id">{{ t.name }}</option>
        </select> </template
      ><PaperOptions :options="kind.options ?? []" :of-rally="on.rally !== undefined" />.
    </p>
    <div
      class="on-paper"
      :class="[choices.ink, choices.paper, kind.options?.includes('letters') ? choices.letters : 'usual']"
    >
      <component :is="sheets.get(kind.id)" :key="`${kind.id} ${choices.paper}`" />
    </div>
  </main>
</template>

<style scoped>
.choices {
  padding: var(--space-4) 0;
  line-height: 2;
}
.on-paper {
  width: 210mm;
  max-width: 100%;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-6);
  font-size: 12pt;
  line-height: 1.4;
}
/* A name of sixty letters without a break goes on in a second line. */
.on-paper :deep(:is(h1, h2, h3, p, caption)) {
  overflow-wrap: anywhere;
}
.letter {
  width: 216mm;
}
.print {
  font-size: 16pt;
}
.black {
  --lagoon: var(--on-light-paper);
  --lagoon-deep: var(--on-light-paper);
  --brick: var(--on-light-paper);
  --marigold: var(--on-light-paper);
  --marigold-text: var(--on-light-paper);
  --plum: var(--on-light-paper);
  --muted: var(--on-light-paper);
  --line: var(--line-on-paper);
  --ink: var(--on-light-paper);
  --lagoon-wash: var(--sheet);
  --marigold-wash: var(--sheet);
  --plum-wash: var(--sheet);
  --team-1: var(--on-light-paper);
  --team-2: var(--on-light-paper);
  --team-3: var(--on-light-paper);
  --team-4: var(--on-light-paper);
  --team-5: var(--on-light-paper);
  color: var(--on-light-paper);
}
@media print {
  .desk {
    padding: 0;
    max-width: none;
  }
  .on-paper {
    display: block;
    width: auto;
  }
}
</style>

<style>
/* Cards to cut out, two beside each other. */
.on-paper .cut {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  border-top: 1px dashed var(--ink);
  border-left: 1px dashed var(--ink);
}
.on-paper .cut > li {
  break-inside: avoid;
  border-right: 1px dashed var(--ink);
  border-bottom: 1px dashed var(--ink);
  padding: 0.8em 1em;
  min-height: 40mm;
}
/* Tables on paper: ruled, headed again on every page, no row cut in two. */
.on-paper table {
  width: 100%;
  border-collapse: collapse;
  overflow-wrap: break-word;
}
.on-paper thead {
  display: table-header-group;
}
.on-paper tr {
  break-inside: avoid;
}
.on-paper .ruled :is(th, td) {
  border: 1px solid var(--ink);
  padding: 0.2em 0.5em;
  text-align: left;
  vertical-align: baseline;
  font-weight: 400;
}
.on-paper .ruled thead th {
  font-weight: 700;
}
.on-paper .small {
  font-size: 1em;
}
.on-paper h3 {
  font-size: 1.1em;
  break-after: avoid;
}
.on-paper p {
  orphans: 3;
  widows: 3;
}
</style>
