<script setup lang="ts">
import { computed } from 'vue'
import type { Brief } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { newStage } from '@/stations/brief/newItems'
import type { Pairs } from '@/fields/pairs'

/** The least build that meets what is asked, stage by stage: does the material last? */
const props = defineProps<{ brief: Brief }>()
const materials = computed((): Pairs<string> => props.brief.materials.map((m) => [m.id, m.name || m.id] as const))
const measures = computed((): Pairs<string> => [
  ['', 'nothing'],
  ...props.brief.measures.map((m) => [m.id, m.name || m.id] as const),
])
</script>

<template>
  <section aria-labelledby="stages">
    <h2 id="stages">Stages</h2>
    <p class="small muted">
      Write down the simplest build that would work, stage by stage, with the least that each needs. If the material
      runs out on the way, no team can finish: the snags say where. Students do not see this.
    </p>
    <p class="line">
      What grows with each stage:
      <InlineChoice v-model="brief.stages.measure" label="What grows" at="/stages/measure" :options="measures" />
    </p>
    <ItemLines
      v-slot="{ item }"
      :items="brief.stages.stages"
      one="stage"
      at="/stages/stages"
      :fresh="() => newStage(brief)"
    >
      <InlineText
        v-model="item.name"
        label="Stage"
        :at="`/stages/stages/${item.id}/name`"
        placeholder="such as first floor"
      />
      adds <InlineNumber v-model="item.adds" label="Adds" :at="`/stages/stages/${item.id}/adds`" />
      {{ brief.measures.find((m) => m.id === brief.stages.measure)?.unit }} and takes
      <ItemLines
        v-slot="{ item: need, i }"
        :items="item.needs"
        one="need"
        add="of another material"
        :at="`/stages/stages/${item.id}/needs`"
        :fresh="() => ({ material: materials[0]?.[0] ?? '', amount: 1 })"
      >
        <InlineNumber v-model="need.amount" label="Takes" :at="`/stages/stages/${item.id}/needs/${i}/amount`" /> of
        <InlineChoice
          v-model="need.material"
          label="Material taken"
          :at="`/stages/stages/${item.id}/needs/${i}/material`"
          :options="materials"
        />
      </ItemLines>
    </ItemLines>
  </section>
</template>
