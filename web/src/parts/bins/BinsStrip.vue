<script setup lang="ts">
import { computed } from 'vue'
import type { BinsPart } from '@/api/names'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { freeIn } from '@/fields/freeId'
import CurveFields from '@/curves/CurveFields.vue'

/** Items that belong in bins. */
const props = defineProps<{ part: BinsPart }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const bins = computed(() => props.part.names.map((n) => [n, n] as const))
const fresh = () => ({
  id: freeIn(props.part.items, 'item'),
  name: '',
  bin: props.part.names[0] ?? '',
})
/** A bin that is named in a pasted key and is not there yet is made; one that nothing belongs in makes room. */
function row([name, bin]: string[], item: ReturnType<typeof fresh>) {
  const { names, items } = props.part
  const known = bin === undefined ? item.bin : names.find((n) => n.toLowerCase() === bin.toLowerCase())
  if (known === undefined && bin) {
    const spare = names.findIndex((n) => items.every((other) => other.bin !== n))
    names.splice(spare < 0 ? names.length : spare, spare < 0 ? 0 : 1, bin)
  }
  return { ...item, name: name ?? '', bin: known ?? bin ?? '' }
}
function rename(i: number, name: string) {
  const before = props.part.names[i]
  props.part.names[i] = name
  for (const item of props.part.items) if (item.bin === before) item.bin = name
}
const timed = computed({
  get: () => props.part.secondsPerWrong !== undefined && props.part.secondsPerWrong !== null,
  set: (on) => {
    props.part.secondsPerWrong = on ? 5 : undefined
    props.part.curve = on ? { kind: 'between', from: 300, to: 60, points: 20 } : undefined
  },
})
</script>

<template>
  <p class="line">Bins:</p>
  <ItemLines
    v-slot="{ item, i }"
    :items="part.names"
    one="bin"
    :at="`${at}/names`"
    :fresh="() => `bin ${bins.length + 1}`"
    :paste="{ such: 'shell', row: (_cells, _fresh, line) => line }"
  >
    <InlineText
      :model-value="item"
      label="Bin"
      :at="`${at}/names/${i}`"
      @update:model-value="(name) => rename(i, name ?? '')"
    />
  </ItemLines>
  <p class="line">The key:</p>
  <ItemLines
    v-slot="{ item }"
    :items="part.items"
    one="item"
    add="Add an item"
    :at="`${at}/items`"
    :fresh="fresh"
    :paste="{ such: 'whelk: shell', row }"
  >
    <InlineText v-model="item.name" label="Item" :at="`${at}/items/${item.id}/name`" placeholder="What is sorted" />
    belongs in
    <InlineChoice v-model="item.bin" label="Its bin" :at="`${at}/items/${item.id}/bin`" :options="bins" />
  </ItemLines>
  <p class="line">
    Right gives <InlineNumber v-model="part.right" label="Points for right" :at="`${at}/right`" />, wrong
    <InlineNumber v-model="part.wrong" label="Points for wrong" :at="`${at}/wrong`" />, left out
    <InlineNumber v-model="part.unsorted" label="Points for left out" :at="`${at}/unsorted`" />; all right
    <InlineNumber v-model="part.allRightBonus" label="Bonus for all right" :at="`${at}/allRightBonus`" /> more.
    <InlineCheck v-model="timed" label="Time counts instead" />
    <template v-if="timed">
      : each wrong item adds
      <InlineNumber v-model="part.secondsPerWrong" label="Seconds per wrong item" :at="`${at}/secondsPerWrong`" />
      seconds.
    </template>
  </p>
  <CurveFields v-if="timed && part.curve" v-model="part.curve" :at="`${at}/curve`" :of="{ unit: 'second' }" />
</template>
