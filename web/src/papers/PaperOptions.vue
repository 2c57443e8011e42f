<script setup lang="ts">
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import type { PaperChoices } from './paper'
import { usePaperChoices } from './useChoices'

/** What can be chosen for a sort of paper, as the end of a sentence. */
const props = defineProps<{ options: readonly (keyof PaperChoices)[]; ofRally?: boolean }>()
const choices = usePaperChoices()
const can = (option: keyof PaperChoices) => props.options.includes(option)
</script>

<template>
  <span
    >, on
    <InlineChoice
      v-model="choices.paper"
      label="Paper"
      :options="[
        ['A4', 'A4'],
        ['letter', 'US Letter'],
      ]" />, in
    <InlineChoice
      v-model="choices.ink"
      label="Ink"
      :options="[
        ['colour', 'color'],
        ['black', 'black and white'],
      ]" /><template v-if="can('letters')"
      >, in
      <InlineChoice
        v-model="choices.letters"
        label="Letters"
        :options="[
          ['usual', 'letters of 12 points'],
          ['print', 'large print'],
        ]" /></template
    ><template v-if="can('behind')">; <InlineCheck v-model="choices.behind" label="a worksheet behind it" /></template
    ><template v-if="can('lines') && (choices.behind || !can('behind'))">
      with
      <InlineChoice
        v-model="choices.boxes"
        label="Idea boxes"
        :options="[
          [1, 'one box for ideas'],
          [2, 'two boxes for ideas'],
          [3, 'three boxes for ideas'],
        ]" />
      and
      <InlineChoice
        v-model="choices.lines"
        label="Lines"
        :options="[
          ['wide', 'wide lines'],
          ['narrow', 'narrow lines'],
        ]" /></template
    ><template v-if="can('planning') && (choices.behind || !can('behind'))"
      >, <InlineCheck v-model="choices.planning" label="with a table to plan the supply" /></template
    ><template v-if="can('judges') && ofRally"
      >,
      <InlineChoice
        v-model="choices.judges"
        label="Whose"
        :options="[
          ['team', 'one for each team'],
          ['table', 'one for each table'],
        ]" />
      at
      <InlineChoice
        v-model="choices.tables"
        label="Tables"
        :options="[1, 2, 3, 4, 5, 6].map((n) => [n, n === 1 ? '1 table' : `${n} tables`] as const)" /></template
    ><template v-if="can('byHand')"
      >, <InlineCheck v-model="choices.byHand" label="with the points to add up by hand" /></template
    ><template v-if="can('certificate')"
      >,
      <InlineChoice
        v-model="choices.certificate"
        label="What for"
        :options="[
          ['best', 'for everyone, with what it did best'],
          ['place', 'by place'],
          ['award', 'by award'],
        ]" /></template
    ><template v-if="can('next')"
      >, next time on
      <input v-model="choices.next" class="inline" aria-label="Next date" placeholder="a line to write on" /></template
  ></span>
</template>
