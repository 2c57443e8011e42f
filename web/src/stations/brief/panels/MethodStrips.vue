<script setup lang="ts">
import type { Brief, GivenBy, Part } from '@/api/names'
import ChooseOnce from '@/fields/ChooseOnce.vue'
import FigureChoice from '@/fields/FigureChoice.vue'
import CardChoice from '@/fields/CardChoice.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import OverRoundsChoice from '@/fields/OverRoundsChoice.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { freeIn } from '@/fields/freeId'
import { namesOf } from '@/fields/pairs'
import { better } from '@/fields/words'
import { newPart, writing } from '@/parts/writing'
import { anyOf } from '@/shared/shows'
import PartFrame from './PartFrame.vue'
import { copyOf } from '@/shared/copyOf'

/** How it is scored: a strip for each part, which total wins, what decides between equal totals, and awards. */
const props = defineProps<{ brief: Brief }>()
const firstFigure = () => props.brief.measures[0]?.id ?? 'team.total'
const kinds = namesOf(writing).map(([value, name]) => ({ name, value }))
const add = (kind: Part['kind']) => void props.brief.method.parts.push(newPart(props.brief, kind))
/** A part like another one, behind it. */
function copy(i: number) {
  const part = props.brief.method.parts[i]
  if (!part) return
  const { id, name } = newPart(props.brief, part.kind)
  const like = copyOf(part)
  props.brief.method.parts.splice(i + 1, 0, { ...like, id, name: part.name ? `${part.name}, again` : name })
}
const remove = (i: number) => void props.brief.method.parts.splice(i, 1)
const givers: [GivenBy | 'worked', string][] = [
  ['worked', 'for'],
  ['teacher', 'given by the teacher'],
  ['jury', 'given by a jury'],
  ['vote', 'given by the class, by voting'],
]
/** What people give looks at no figure. */
function give(award: { givenBy?: GivenBy | null; value: string }, by: GivenBy | 'worked') {
  award.givenBy = by === 'worked' ? null : by
  award.value = award.givenBy ? '' : firstFigure()
}
const freshAward = () => ({
  id: freeIn(props.brief.method.awards, 'award'),
  name: '',
  value: firstFigure(),
  better: 'more' as const,
  everyone: false,
  onlyFor: '',
  off: false,
})
const freshTarget = () => ({
  id: freeIn(props.brief.method.targets, 'target'),
  name: '',
  value: firstFigure(),
  better: 'more' as const,
  amount: '',
  off: false,
})
</script>

<template>
  <section aria-labelledby="method">
    <h2 id="method">Method</h2>
    <ul data-at="/method/parts" tabindex="-1">
      <li v-for="(part, i) in brief.method.parts" :key="part.id">
        <PartFrame :part="part" :detail="writing[part.kind].label" @remove="remove(i)" @copy="copy(i)">
          <component :is="anyOf(writing[part.kind].strip)" :part="part" />
        </PartFrame>
      </li>
    </ul>
    <ChooseOnce label="Add a part" prompt="Add a part…" :options="kinds" @choose="add" />
    <p class="line">
      The
      <InlineChoice
        v-model="brief.method.wins"
        label="Which total wins"
        at="/method/wins"
        :options="[
          ['highest', 'highest'],
          ['lowest', 'lowest'],
        ]"
      />
      total wins. Points are shown to
      <InlineNumber v-model="brief.method.precision" label="Shown precision of points" at="/method/precision" />, never
      below <InlineNumber v-model="brief.method.floor" label="Lowest total" at="/method/floor" />.
      <InlineCheck v-model="brief.method.ranking" label="Teams get places" at="/method/ranking" />
      <template v-if="brief.method.ranking">
        , counted
        <InlineChoice
          v-model="brief.method.places"
          label="How places are counted"
          :options="[
            ['standard', '1, 2, 2, 4'],
            ['dense', '1, 2, 2, 3'],
          ]"
        />
      </template>
    </p>
    <p v-if="brief.method.ranking" class="line">
      In a rally of several rounds,
      <OverRoundsChoice
        :model-value="brief.method.overRounds ?? null"
        at="/method/overRounds"
        @update:model-value="brief.method.overRounds = $event"
      />.
    </p>
    <h3>If totals are equal</h3>
    <ItemLines
      v-slot="{ item, i }"
      :items="brief.method.tieBreaks"
      one="tie-break"
      at="/method/tieBreaks"
      :fresh="() => ({ name: '', value: firstFigure(), better: 'more' as const, off: false })"
    >
      <InlineText
        v-model="item.name"
        label="Name of the tie-break"
        :at="`/method/tieBreaks/${i}/name`"
        placeholder="such as fewer sheets"
      />
      decides:
      <InlineChoice v-model="item.better" label="More or less" :options="better" />
      <FigureChoice v-model="item.value" label="Figure of the tie-break" :at="`/method/tieBreaks/${i}/value`" />
    </ItemLines>
    <h3>Awards</h3>
    <ItemLines
      v-slot="{ item }"
      :items="brief.method.awards"
      one="award"
      add="Add an award"
      at="/method/awards"
      :fresh="freshAward"
    >
      <InlineText
        v-model="item.name"
        label="Name of the award"
        :at="`/method/awards/${item.id}/name`"
        placeholder="such as Steadiest"
      />
      <InlineChoice
        :model-value="item.givenBy ?? 'worked'"
        label="Who gives the award"
        :options="givers"
        @update:model-value="give(item, $event)"
      />
      <template v-if="!item.givenBy">
        <InlineChoice
          v-model="item.better"
          label="Most or least"
          :options="[
            ['more', 'most'],
            ['less', 'least'],
          ]"
        />
        <FigureChoice v-model="item.value" label="Figure of the award" :at="`/method/awards/${item.id}/value`" />
      </template>
      <CardChoice
        v-model="item.onlyFor"
        label="Who can win it"
        :at="`/method/awards/${item.id}/onlyFor`"
        all="of every team"
      />
      <InlineCheck v-if="!item.givenBy" v-model="item.everyone" label="teams without a place too" />
    </ItemLines>
    <h3>Targets</h3>
    <p class="small muted">
      What teams set out to reach, with places or without. Left empty, each team says its own at the pad.
    </p>
    <ItemLines
      v-slot="{ item }"
      :items="brief.method.targets"
      one="target"
      add="Add a target"
      at="/method/targets"
      :fresh="freshTarget"
    >
      <InlineText
        v-model="item.name"
        label="Name of the target"
        :at="`/method/targets/${item.id}/name`"
        placeholder="such as Height to beat"
      />:
      <InlineChoice
        v-model="item.better"
        label="At least or at most"
        :options="[
          ['more', 'at least'],
          ['less', 'at most'],
        ]"
      />
      <InlineText
        v-model="item.amount"
        label="Target"
        :at="`/method/targets/${item.id}/amount`"
        placeholder="each its own"
      />
      of
      <FigureChoice v-model="item.value" label="Figure of the target" :at="`/method/targets/${item.id}/value`" />
    </ItemLines>
  </section>
</template>

<style scoped>
.line {
  margin-top: var(--space-3);
  line-height: 1.8;
}
h3 {
  margin-top: var(--space-4);
}
</style>
