<script setup lang="ts">
import { computed } from 'vue'
import type { RuleCheckOf } from '@/api/names'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineText from '@/fields/InlineText.vue'
import { named } from '@/fields/pairs'
import { useWriting } from '@/fields/writing'
import { lengthsOf } from './lengths'

/** A box that it must fit into, with one to three dimensions. */
defineProps<{ check: RuleCheckOf<'fits'>; at: string }>()
const { brief } = useWriting()
const lengths = computed(() => named(brief.value ? lengthsOf(brief.value) : [], 'length'))
</script>

<template>
  with
  <template v-for="(_, i) in check.dimensions" :key="i">
    <InlineChoice
      v-model="check.dimensions[i]!"
      :label="`Dimension ${i + 1}`"
      :at="`${at}/dimensions/${i}`"
      :options="lengths"
    />
    within
    <InlineText v-model="check.room[i]!" :label="`Room ${i + 1}`" :at="`${at}/room/${i}`" placeholder="30 cm" />
  </template>
  <button
    v-if="check.dimensions.length < 3"
    type="button"
    class="act"
    @click="(check.dimensions.push(lengths[0]?.[0] ?? ''), check.room.push(''))"
  >
    and another
  </button>
  <InlineCheck v-model="check.turning" label="it may be turned" />
</template>
