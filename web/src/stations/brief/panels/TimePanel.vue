<script setup lang="ts">
import { computed, ref } from 'vue'
import { useWriting } from '../writing'

/** The phases laid over the lessons, drawn to scale, and what would make them fit. */
const props = defineProps<{ id: string }>()
const { checkup, mend } = useWriting()
const table = computed(() => checkup.value?.timetable)
const longest = computed(() => Math.max(1, ...(table.value?.lessons ?? []).map((l) => Math.max(l.length, l.end))))
const percent = (minutes: number) => `${(minutes / longest.value) * 100}%`
const shown = (n: number) => String(Math.round(n * 10) / 10)
const begins = ref(`${new Date().toLocaleDateString('sv-SE')}T09:00`)
const every = ref(7)
const calendar = computed(
  () => `/api/briefs/${props.id}/calendar?begins=${encodeURIComponent(begins.value)}&every=${every.value}`,
)
</script>

<template>
  <section aria-labelledby="time">
    <h2 id="time">Time</h2>
    <p :class="{ wrong: table && !table.fits }">{{ table?.says }}</p>
    <figure v-for="lesson in table?.lessons ?? []" :key="lesson.number">
      <figcaption class="small muted">
        {{ (table?.lessons.length ?? 0) > 1 ? `Lesson ${lesson.number}` : 'The lesson' }}, {{ shown(lesson.length) }}
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
              v-if="typeof b.warning === 'number'"
              :style="{ left: `${((b.warning - b.from) / (b.to - b.from)) * 100}%` }"
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
              <template v-if="typeof b.warning === 'number'">warning at {{ shown(b.warning) }}</template>
              <b v-if="b.to > lesson.length" class="wrong"> over the end</b>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="lesson.carries" class="small">{{ lesson.carries }}</p>
    </figure>
    <template v-if="(table?.offers.length ?? 0) > 0">
      <h3>What would do</h3>
      <ul>
        <li v-for="o in table?.offers" :key="o.label" class="offer">
          <button type="button" class="fix" :class="{ not: !o.fits }" @click="mend(o.changes)">{{ o.label }}</button>
          <span class="small muted">{{ o.says }}</span>
        </li>
      </ul>
    </template>
    <template v-if="(table?.lessons.length ?? 0) > 0">
      <h3>Into the calendar</h3>
      <p class="line">
        The first lesson begins
        <input v-model="begins" type="datetime-local" class="inline" aria-label="First lesson" />, the next ones every
        <input v-model.number="every" type="number" min="1" max="365" class="inline days" aria-label="Days between" />
        days. <a :href="calendar" download>Calendar file</a>
      </p>
    </template>
  </section>
</template>

<style scoped>
.wrong {
  color: var(--brick);
}
figure {
  margin: 0.75rem 0 0;
}
.scale {
  position: relative;
  height: 44px;
  margin: 0.25rem 0 0.4rem;
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
  font-size: 0.75rem;
  padding: 0.1rem 0.25rem;
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
  padding: 0.05rem 0.8rem 0.05rem 0;
}
h3 {
  margin-top: 0.9rem;
}
.offer {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.8rem;
  align-items: center;
  padding: 0.2rem 0;
}
.days {
  width: 3.5rem;
  field-sizing: fixed;
}
</style>
