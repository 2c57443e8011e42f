<script setup lang="ts">
import type { Brief } from '@/api/names'
import CardChoice from '@/fields/CardChoice.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import MaterialPrice from './MaterialPrice.vue'
import CarriedName from '@/stations/brief/CarriedName.vue'
import { newMaterial } from '@/stations/brief/newItems'
import { pers } from '@/fields/words'
import { useWriting } from '@/fields/writing'
import { api } from '@/api/client'
import { done } from '@/shared/useDone'

/** What students may use, and what the test needs: an amount, a unit, a name, and whom it is for. */
const props = defineProps<{ brief: Brief }>()
const { choices } = useWriting()
/** A pasted list is read as any text is: amounts, units, whom it is for, prices, and what each is good for. */
async function rows(lines: string[]) {
  const answer = await done(api.POST('/api/drafts/materials', { body: { brief: props.brief, lines } }))
  return answer.ok ? answer.data : undefined
}
</script>

<template>
  <ItemLines
    v-slot="{ item }"
    :items="brief.materials"
    one="material"
    at="/materials"
    :fresh="() => newMaterial(brief)"
    :paste="{ such: '250 cm cord', rows }"
  >
    <InlineNumber
      v-model="item.amount"
      label="Amount"
      :at="`/materials/${item.id}/amount`"
      :class="{ extra: typeof item.amount !== 'number' }"
    />
    <span :class="{ extra: !item.unit }">
      <InlineText
        v-model="item.unit"
        class="unit"
        label="Unit of the amount"
        :at="`/materials/${item.id}/unit`"
        placeholder="pieces"
      />
      of
    </span>
    <CarriedName :brief="brief" :name="item.name"
      ><InlineText v-model="item.name" label="Material" :at="`/materials/${item.id}/name`" placeholder="such as straws"
    /></CarriedName>
    <div class="small muted not-on-paper">
      <InlineChoice v-model="item.per" label="Whom it is for" :options="pers" />, for
      <input v-model="item.category" class="inline" list="categories" aria-label="What it is good for" /><template
        v-if="item.note"
        >,</template
      >
      <InlineText
        v-model="item.note"
        :class="{ extra: !item.note }"
        label="Note on the material"
        :at="`/materials/${item.id}/note`"
        placeholder="a note"
      />
      <CardChoice
        v-model="item.onlyFor"
        label="Who gets it"
        :at="`/materials/${item.id}/onlyFor`"
        all="for every team"
      />
      <InlineCheck v-model="item.reusable" label="given back" :class="{ extra: !item.reusable }" />
      <details class="more extra">
        <summary>Spares, packs, price</summary>
        <InlineNumber v-model="item.spares" label="Spares" :at="`/materials/${item.id}/spares`" />
        <InlineChoice
          v-model="item.sparesInPercent"
          label="Spares as"
          :options="[
            [false, 'spare for the class'],
            [true, 'percent spare'],
          ]"
        />; packs of <InlineNumber v-model="item.pack" label="In a pack" :at="`/materials/${item.id}/pack`" />, each
        <InlineNumber v-model="item.price" label="Price" :at="`/materials/${item.id}/price`" />
        <InlineText v-model="brief.money" label="Money" at="/money" placeholder="€" />
        <MaterialPrice :brief="brief" :material="item" />
      </details>
    </div>
  </ItemLines>
  <p v-if="brief.materials.length > 0" class="small muted not-on-paper">
    An amount left empty has no limit. What is for the rig, a weight or a thing carried is not on the student sheet.
  </p>
  <datalist id="categories">
    <option v-for="c in choices?.categories ?? []" :key="c" :value="c"></option>
  </datalist>
</template>

<style scoped>
.more {
  display: inline;
}
.more[open] {
  display: block;
}
summary {
  display: inline-block;
  margin-left: var(--space-3);
  cursor: pointer;
  text-decoration: underline;
}
.unit :deep(input) {
  min-width: 3rem;
}
</style>
