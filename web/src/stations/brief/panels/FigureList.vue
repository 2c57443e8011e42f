<script setup lang="ts">
import type { Brief, NamedFigure } from '@/api/names'
import CombineFields from '@/fields/CombineFields.vue'
import FigureChoice from '@/fields/FigureChoice.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { free, ids } from '@/fields/freeId'
import { works } from '@/fields/words'
import CarriedName from '@/stations/brief/CarriedName.vue'

/** What is worked out and has a name: parts, limits, tie-breaks and awards can look at it as at what is measured. */
const props = defineProps<{ brief: Brief }>()
const fresh = (): NamedFigure => {
  const { measures, figures, method } = props.brief
  return {
    id: free('figure', [...ids(measures), ...ids(figures), ...ids(method.parts)]),
    name: '',
    value: measures[0]?.id ?? 'team.members',
    work: 'eachAttempt',
    combine: 'best',
    better: 'more',
    off: false,
  }
}
</script>

<template>
  <section aria-labelledby="figures">
    <h3 id="figures">What is worked out</h3>
    <ItemLines v-slot="{ item }" :items="brief.figures" one="figure" at="/figures" :fresh="fresh">
      <CarriedName :brief="brief" :name="item.name"
        ><InlineText
          v-model="item.name"
          label="Name of the figure"
          :at="`/figures/${item.id}/name`"
          placeholder="such as load for its mass"
      /></CarriedName>
      is
      <FigureChoice
        v-model="item.value"
        label="What the figure is worked out from"
        :at="`/figures/${item.id}/value`"
      />, worked out
      <InlineChoice
        v-model="item.work"
        label="Where the figure is worked out"
        :at="`/figures/${item.id}/work`"
        :options="works"
      />.
      <template v-if="item.work === 'eachAttempt'">
        <CombineFields :of="item" :at="`/figures/${item.id}`" />
      </template>
    </ItemLines>
  </section>
</template>

<style scoped>
h3 {
  margin-top: var(--space-5);
}
</style>
