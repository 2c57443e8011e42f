<script setup lang="ts">
import { computed, nextTick, useTemplateRef } from 'vue'
import type { Brief, Rule } from '@/api/names'
import GrowText from '@/fields/GrowText.vue'
import { openLine } from '@/fields/openLine'
import { useOrder } from '@/shared/useOrder'
import { newRule, sectionOf, type RuleSection } from '@/stations/brief/newItems'
import RuleSentence from './RuleSentence.vue'

/** The criteria, the constraints or what only earns a bonus, a line each, with how each is checked below it. */
const props = defineProps<{ brief: Brief; sort: RuleSection; fixed?: boolean }>()
const rules = computed(() => props.brief.rules.filter((r) => sectionOf(r) === props.sort && !(props.fixed && r.off)))
const add = () => insert(rules.value.length)
/** New rules behind the first so many of this sort; the cursor goes to the last of them. */
function insert(behind: number, texts: readonly string[] = ['']) {
  let place = props.brief.rules.indexOf(rules.value[behind - 1]!) + 1 || props.brief.rules.length
  for (const text of texts) props.brief.rules.splice(place++, 0, { ...newRule(props.brief, props.sort), text })
  void nextTick(() => {
    const lines = list.value?.querySelectorAll('textarea')
    lines?.[behind + texts.length - 1]?.focus()
  })
}
/** A list that is pasted is a rule a line. */
function onPaste(event: ClipboardEvent, i: number) {
  const lines = (event.clipboardData?.getData('text/plain') ?? '')
    .split(/\r?\n/)
    .map((l) => l.trim())
    .filter(Boolean)
  const rule = rules.value[i]
  if (props.fixed || lines.length < 2 || !rule) return
  event.preventDefault()
  const [first, ...others] = rule.text.trim() === '' ? lines : [rule.text, ...lines]
  rule.text = first!
  insert(i + 1, others)
}
const remove = (rule: Rule) => void props.brief.rules.splice(props.brief.rules.indexOf(rule), 1)
const list = useTemplateRef<HTMLElement>('list')
function move(from: number, to: number) {
  const rule = rules.value[from]
  const target = rules.value[to]
  if (!rule || !target) return
  const place = props.brief.rules.indexOf(target)
  remove(rule)
  props.brief.rules.splice(place, 0, rule)
}
const { onKey } = useOrder(list, move, () => rules.value.length)
</script>

<template>
  <ul ref="list">
    <li
      v-for="(rule, i) in rules"
      :key="rule.id"
      class="opens"
      :class="{ off: rule.off }"
      tabindex="-1"
      @focusin="openLine"
      @paste="onPaste($event, i)"
    >
      <div class="rule">
        <button
          v-if="!fixed"
          type="button"
          class="grip not-on-paper"
          :aria-label="`Move ${sort} ${i + 1}, with the arrow keys`"
          @keydown="onKey($event, i)"
        >
          <span aria-hidden="true"></span>
        </button>
        <i class="flag" aria-hidden="true"></i>
        <GrowText
          v-model="rule.text"
          :label="`The ${sort} in the students' words`"
          :at="`/rules/${rule.id}/text`"
          placeholder="Write it as students should read it"
          :fixed="fixed"
          @keydown.enter.exact.prevent="insert(i + 1)"
        />
        <button
          v-if="!fixed"
          type="button"
          class="act extra not-on-paper"
          :aria-label="`Remove: ${rule.text || sort}`"
          @click="remove(rule)"
        >
          Remove
        </button>
      </div>
      <RuleSentence v-if="!fixed" :rule="rule" :brief="brief" />
    </li>
  </ul>
  <button v-if="!fixed" type="button" class="act not-on-paper" @click="add">Add a {{ sort }}</button>
</template>

<style scoped>
li {
  margin-bottom: var(--space-3);
}
.flag {
  width: 0.6rem;
  height: 0.6rem;
  margin-top: 0.5em;
  background: var(--lagoon);
  clip-path: polygon(0 0, 100% 0, 70% 50%, 100% 100%, 0 100%);
  print-color-adjust: exact;
}
.off {
  opacity: 0.65;
}
.rule {
  display: flex;
  gap: var(--space-3);
  align-items: flex-start;
}

.rule > .flag + * {
  flex: 1;
  min-width: 0;
}
@media print {
  li {
    margin-bottom: var(--space-1);
  }
}
</style>
