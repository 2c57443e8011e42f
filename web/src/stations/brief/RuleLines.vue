<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Rule } from '../../api/names'
import GrowText from '../../shared/GrowText.vue'
import RuleSentence from './RuleSentence.vue'
import { newRule } from './newItems'

/** The criteria or the constraints, a line each, with how each is checked below it. */
const props = defineProps<{ brief: Brief; sort: Rule['sort']; fixed?: boolean }>()
const rules = computed(() => props.brief.rules.filter((r) => r.sort === props.sort))
const word = computed(() => (props.sort === 'criterion' ? 'criterion' : 'constraint'))
const add = () => void props.brief.rules.push(newRule(props.brief, props.sort))
const remove = (rule: Rule) => void props.brief.rules.splice(props.brief.rules.indexOf(rule), 1)
</script>

<template>
  <ul>
    <li v-for="rule in rules" :key="rule.id">
      <div class="line">
        <GrowText
          v-model="rule.text"
          :label="`The ${word} in the pupils' words`"
          :at="`/rules/${rule.id}/text`"
          placeholder="Write it as pupils should read it"
          :fixed="fixed"
        />
        <button
          v-if="!fixed"
          type="button"
          class="act not-on-paper"
          :aria-label="`Take out: ${rule.text || word}`"
          @click="remove(rule)"
        >
          Take out
        </button>
      </div>
      <RuleSentence v-if="!fixed" :rule="rule" :brief="brief" />
    </li>
  </ul>
  <p v-if="fixed && rules.length === 0" class="muted">Nothing is laid down here.</p>
  <button v-if="!fixed" type="button" class="act not-on-paper" @click="add">Add a {{ word }}</button>
</template>

<style scoped>
li {
  padding-left: 1.1rem;
  position: relative;
  margin-bottom: 0.5rem;
}
li::before {
  content: '';
  position: absolute;
  left: 0;
  top: 0.5em;
  width: 0.6rem;
  height: 0.6rem;
  background: var(--lagoon);
  clip-path: polygon(0 0, 100% 0, 70% 50%, 100% 100%, 0 100%);
}
.line {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.75rem;
  align-items: start;
}
</style>
