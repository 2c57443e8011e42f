<script setup lang="ts">
import Button from 'primevue/button'
import { computed, defineAsyncComponent, provide, reactive, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import StationHead from '@/shared/StationHead.vue'
import KindChoice from './KindChoice.vue'
import PaperFrame from './PaperFrame.vue'
import PaperOptions from './PaperOptions.vue'
import { printing, type OnPaper, type PaperChoices } from './paper'
import { useChoices } from './useChoices'
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

const choices = useChoices(props.paper, props.on.largePrint, {
  behind: !props.on.rally,
  tables: props.on.rally?.papers.tables ?? 1,
})
watch(
  () => props.on.largePrint,
  (large) => {
    choices.letters = large ? 'print' : 'usual'
    choices.lines = large ? 'wide' : 'narrow'
  },
)
const teams = computed(() => props.on.rally?.teams.filter((t) => !team.value || t.id === team.value) ?? [])
const now = reactive({ on: computed(() => props.on), choices, teams })
provide(printing, now)
const print = () => window.print()
</script>

<template>
  <main id="main" class="desk">
    <StationHead class="not-on-paper" title="On paper" next="Choose what to print. Black and white works.">
      <slot name="links" />
      <Button label="Print" size="small" @click="print" />
    </StationHead>
    <p class="choices not-on-paper">
      <slot />
      <KindChoice :groups="offered" :model-value="kind.id" @update:model-value="chooseSort" />
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
    <PaperFrame :name="kind.name" :choices="choices" :large="kind.options?.includes('letters')">
      <component :is="sheets.get(kind.id)" :key="`${kind.id} ${choices.paper}`" />
    </PaperFrame>
  </main>
</template>

<style scoped>
.choices {
  padding: var(--space-4) 0;
  line-height: 2;
}
@media print {
  .desk {
    padding: 0;
    max-width: none;
  }
}
</style>
