<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import type { Scored } from '@/curves/kind'
import InlineAmount from '@/fields/InlineAmount.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import ItemLines from '@/fields/ItemLines.vue'

/** Points by bands, each from its lower edge on. */
const props = defineProps<{ curve: CurveOf<'bands'>; at: string; of: Scored }>()
function fresh() {
  const last = props.curve.edges.at(-1)
  return { from: last ? last.from + (props.of.levels?.length ? 1 : 10) : 0, points: last ? last.points + 1 : 1 }
}
</script>

<template>
  : <InlineNumber v-model="curve.below" label="Points below the first band" :at="`${at}/below`" /> below the first.
  <ItemLines v-slot="{ item, i }" :items="curve.edges" one="band" :at="`${at}/edges`" :fresh="fresh">
    from
    <InlineAmount
      v-model="item.from"
      :label="`Band ${i + 1} from`"
      :levels="of.levels"
      :at="`${at}/edges/${i}/from`"
      wide
    />: <InlineNumber v-model="item.points" :label="`Band ${i + 1} points`" :at="`${at}/edges/${i}/points`" /> points
  </ItemLines>
</template>
