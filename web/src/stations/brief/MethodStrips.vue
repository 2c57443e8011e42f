<script setup lang="ts">
import type { Brief } from '../../api/names'
import InlineNumber from './InlineNumber.vue'
import OtherPart from './OtherPart.vue'
import PartStrip from './PartStrip.vue'
import { newPart } from './newItems'

/** How it is scored: a strip for each part, and which total wins. */
const props = defineProps<{ brief: Brief }>()
const add = () => void props.brief.method.parts.push(newPart(props.brief))
const remove = (i: number) => void props.brief.method.parts.splice(i, 1)
</script>

<template>
  <section aria-labelledby="method">
    <h2 id="method">Method</h2>
    <ul>
      <li v-for="(part, i) in brief.method.parts" :key="part.id">
        <PartStrip v-if="part.kind === 'measured'" :part="part" :brief="brief" @remove="remove(i)" />
        <OtherPart v-else :part="part" @remove="remove(i)" />
      </li>
    </ul>
    <button type="button" class="act" data-at="/method/parts" @click="add">Add a part</button>
    <p class="line">
      The
      <select v-model="brief.method.wins" class="inline" aria-label="Which total wins" data-at="/method/wins">
        <option value="highest">highest</option>
        <option value="lowest">lowest</option>
      </select>
      total wins. Points are shown to
      <InlineNumber v-model="brief.method.precision" label="Shown precision of points" at="/method/precision" />.
    </p>
  </section>
</template>

<style scoped>
.line {
  margin-top: 0.5rem;
  line-height: 1.8;
}
</style>
