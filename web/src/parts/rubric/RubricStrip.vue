<script setup lang="ts">
import { computed } from 'vue'
import type { RubricPart } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { freeIn } from '@/fields/freeId'
import { numberOf } from '@/fields/pastedRows'

/** Criteria with levels. */
const props = defineProps<{ part: RubricPart }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const fresh = () => ({
  id: freeIn(props.part.criteria, 'criterion'),
  name: '',
  levels: [
    { name: 'not yet', points: 0 },
    { name: 'fully', points: 5 },
  ],
})
</script>

<template>
  <p class="line">
    Judged by
    <InlineChoice
      v-model="part.voice"
      label="Who judges"
      :options="[
        ['teacher', 'the teacher'],
        ['peers', 'the other teams'],
        ['self', 'the team itself'],
      ]"
    />.
    <template v-if="part.voice === 'teacher'">
      Where several judge one team,
      <InlineChoice
        v-model="part.judges"
        label="Where several judge one team"
        :options="[
          ['mean', 'the mean counts'],
          ['agree', 'they have to agree'],
          ['last', 'the last judgment counts'],
        ]"
      />.
    </template>
  </p>
  <ItemLines
    v-slot="{ item }"
    :items="part.criteria"
    one="criterion"
    :at="`${at}/criteria`"
    :fresh="fresh"
    :paste="{ such: 'explains why it works', row: ([name], item) => ({ ...item, name: name ?? '' }) }"
  >
    <InlineText
      v-model="item.name"
      label="Judged criterion"
      :at="`${at}/criteria/${item.id}/name`"
      placeholder="What is judged"
    />
    <ItemLines
      v-slot="{ item: level, i }"
      :items="item.levels"
      one="level"
      :at="`${at}/criteria/${item.id}/levels`"
      :fresh="() => ({ name: '', points: 0 })"
      :paste="{ such: 'nearly: 2', row: ([level, points]) => ({ name: level ?? '', points: numberOf(points) ?? 0 }) }"
    >
      <InlineText v-model="level.name" label="Level" :at="`${at}/criteria/${item.id}/levels/${i}/name`" /> gives
      <InlineNumber
        v-model="level.points"
        label="Points of the level"
        :at="`${at}/criteria/${item.id}/levels/${i}/points`"
      />
    </ItemLines>
  </ItemLines>
</template>
