<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { DayOpened } from '@/api/names'
import KindChoice from '@/papers/KindChoice.vue'
import PaperFrame from '@/papers/PaperFrame.vue'
import PaperOptions from '@/papers/PaperOptions.vue'
import type { PaperChoices } from '@/papers/paper'
import { useChoices } from '@/papers/useChoices'
import StationHead from '@/shared/StationHead.vue'
import { shortDay } from '@/shared/days'
import CombinedSheets from './CombinedSheets.vue'
import DoorSigns from './DoorSigns.vue'
import HelperSheets from './HelperSheets.vue'
import RallyOfDayPrint from './RallyOfDayPrint.vue'
import { dayKinds } from './dayKinds'

/** All paper of a fair day: for its doors and helpers, and what each class takes home, in one print. */
const props = defineProps<{ day: DayOpened; paper: PaperChoices['paper'] }>()
const route = useRoute()
const router = useRouter()
const all = dayKinds.flatMap((g) => g.kinds)
const inAddress = (name: string) => (typeof route.query[name] === 'string' ? route.query[name] : '')
const kind = computed(() => all.find((k) => k.id === inAddress('print')) ?? all[0]!)
const only = computed(() => (kind.value.sheet ? inAddress('rally') : ''))
const choose = (change: Record<string, string | undefined>) =>
  void router.replace({ query: { ...route.query, ...change } })
const choices = useChoices(props.paper, false, { judges: 'table' })
const rallies = computed(() => props.day.rallies.filter((r) => !only.value || r.rally === only.value))
const about = computed(() => `${props.day.name}, ${shortDay(props.day.date)}`)
const print = () => window.print()
</script>

<template>
  <main id="main" class="desk">
    <StationHead class="not-on-paper" title="Papers for the day" next="Choose what to print. Black and white works.">
      <RouterLink class="small" :to="`/days/${props.day.id}`">Back to the day</RouterLink>
      <Button label="Print" size="small" @click="print" />
    </StationHead>
    <p class="choices not-on-paper">
      <KindChoice :groups="dayKinds" :model-value="kind.id" @update:model-value="choose({ print: $event })" />
      <template v-if="kind.sheet">
        of
        <select
          class="inline"
          aria-label="Which class"
          :value="only"
          @change="choose({ rally: ($event.target as HTMLSelectElement).value || undefined })"
        >
          <option value="">all classes</option>
          <option v-for="r in props.day.rallies" :key="r.rally" :value="r.rally">{{ r.name }}</option>
        </select></template
      ><PaperOptions :options="kind.options ?? []" />.
    </p>
    <p v-if="rallies.length === 0" class="muted">No rallies in this fair day yet. Add them to its plan first.</p>
    <PaperFrame v-else :name="kind.name" :choices="choices">
      <DoorSigns v-if="kind.id === 'doors'" :about="about" :rallies="rallies" />
      <HelperSheets v-else-if="kind.id === 'helpers'" :about="about" :rallies="rallies" />
      <CombinedSheets v-else-if="kind.id === 'combined'" :about="about" :lists="props.day.lists" />
      <template v-else>
        <RallyOfDayPrint
          v-for="r in rallies"
          :key="`${kind.id} ${choices.paper} ${r.rally}`"
          :day="props.day.id"
          :about="`${r.name}, ${about}`"
          :rally="r"
          :sheet="kind.sheet!"
          :choices="choices"
          :why="kind.id === 'slips'"
        />
      </template>
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
