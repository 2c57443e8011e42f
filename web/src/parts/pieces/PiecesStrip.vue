<script setup lang="ts">
import { computed } from 'vue'
import type { PiecesPart } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { numberOf } from '@/fields/pastedRows'

/** Pieces with two labels. */
const props = defineProps<{ part: PiecesPart }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const labels = [
  ['first', 'First label'],
  ['second', 'Second label'],
] as const
</script>

<template>
  <div v-for="[side, name] in labels" :key="side" class="line">
    {{ name }}:
    <InlineText v-model="part[side].name" :label="name" :at="`${at}/${side}/name`" placeholder="such as size" />
    <ItemLines
      v-slot="{ item, i }"
      :items="part[side].values"
      one="value"
      :at="`${at}/${side}/values`"
      :fresh="() => ({ name: '', points: 0 })"
      :paste="{ such: 'small: 1', row: ([value, points]) => ({ name: value ?? '', points: numberOf(points) ?? 0 }) }"
    >
      <InlineText
        v-model="item.name"
        label="Value"
        :at="`${at}/${side}/values/${i}/name`"
        placeholder="such as small"
      />
      gives <InlineNumber v-model="item.points" label="Points" :at="`${at}/${side}/values/${i}/points`" />
    </ItemLines>
  </div>
  <p class="line">
    Each piece is worth
    <InlineText v-model="part.each" label="Points for one piece" :at="`${at}/each`" placeholder="first + second" />,
    from <code>first</code>, <code>second</code>, <code>length</code> and <code>width</code>, measured in
    <InlineText v-model="part.unit" label="Unit of the pieces" :at="`${at}/unit`" /> to
    <InlineNumber v-model="part.step" label="Step of the pieces" :at="`${at}/step`" />.
  </p>
</template>
