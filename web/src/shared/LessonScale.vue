<script setup lang="ts">
import { computed } from 'vue'
import type { Timetable } from '@/api/names'

/** Lessons drawn to scale, their end as a line, what runs over it marked; and the same as a table. */
const props = defineProps<{ lessons: Timetable['lessons'] }>()
const longest = computed(() => Math.max(1, ...props.lessons.map((l) => Math.max(l.length, l.end))))
const percent = (minutes: number) => `${(minutes / longest.value) * 100}%`
const shown = (n: number) => String(Math.round(n * 10) / 10)
</script>

<template>
  <figure v-for="lesson in lessons" :key="lesson.number">
    <figcaption class="small muted">
      {{ lessons.length > 1 ? `Lesson ${lesson.number}` : 'The lesson' }}, {{ shown(lesson.length) }}
      minutes
    </figcaption>
    <div class="scale">
      <ol>
        <li
          v-for="(b, i) in lesson.blocks.filter((x) => x.to > x.from)"
          :key="i"
          :class="{ over: b.to > lesson.length, even: i % 2 === 0 }"
          :style="{ left: percent(b.from), width: percent(b.to - b.from) }"
          :title="`${b.name}: ${shown(b.from)} to ${shown(b.to)}`"
        >
          <span v-if="(b.to - b.from) / longest > 0.09">{{ b.name }}</span>
          <i
            v-for="w in b.warnings"
            :key="w"
            :style="{ left: `${((w - b.from) / (b.to - b.from)) * 100}%` }"
            aria-hidden="true"
          ></i>
        </li>
      </ol>
      <div class="end" :style="{ left: percent(lesson.length) }" aria-hidden="true"></div>
    </div>
    <table class="small">
      <caption class="out-of-sight">
        Minute by minute
      </caption>
      <tbody>
        <tr v-for="(b, i) in lesson.blocks" :key="i">
          <td class="figures">{{ shown(b.from) }}–{{ shown(b.to) }}</td>
          <th scope="row">
            {{ b.name }}<template v-if="b.turns > 0">, {{ b.turns }} {{ b.turns === 1 ? 'turn' : 'turns' }}</template>
          </th>
          <td>
            <template v-if="b.warnings.length > 0">warning at {{ b.warnings.map(shown).join(', ') }}</template>
            <b v-if="b.to > lesson.length" class="wrong"> over the end</b>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="lesson.carries" class="small">{{ lesson.carries }}</p>
  </figure>
</template>

<style scoped>
figure {
  margin: var(--space-4) 0 0;
}
.scale {
  position: relative;
  height: 44px;
  margin: var(--space-2) 0 var(--space-3);
  border-bottom: 2px solid var(--ink);
}
ol li {
  position: absolute;
  top: 4px;
  bottom: 0;
  background: var(--lagoon-wash);
  border: 1px solid var(--lagoon);
  border-bottom: 0;
  overflow: hidden;
  font-size: var(--size-small);
  padding: var(--space-1) var(--space-2);
  line-height: 1.15;
}
ol li.even {
  background: var(--sheet);
}
ol li.over {
  border-color: var(--brick);
  background: repeating-linear-gradient(-45deg, var(--brick-wash) 0 5px, var(--sheet) 5px 10px);
}
ol i {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 2px dotted var(--marigold);
}
.end {
  position: absolute;
  top: -4px;
  bottom: -4px;
  border-left: 3px solid var(--ink);
}
td,
th {
  text-align: left;
  font-weight: 400;
  padding: var(--space-1) var(--space-4) var(--space-1) 0;
}
</style>
