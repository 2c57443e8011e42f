<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { LiveClock } from '@/shared/useClock'

/** What the wall shows: the clock, or the board revealed from the last place to the first. */
const props = defineProps<{ live: LiveClock; teams: number; questions: readonly string[] }>()
const wall = computed(
  () => props.live.clock.value?.wall ?? { shows: 'clock' as const, revealed: 0, question: 0, of: '', round: 1 },
)
const revealed = computed(() => props.live.revealed.value)
const places = computed(() => props.live.places.value)
const allRevealed = computed(() => revealed.value >= places.value)
const show = (shows: 'clock' | 'board', number: number) =>
  props.live.send({ does: 'show', shows, number, of: shows === 'board' ? of.value : '' })
/** What the board is of: the totals, a figure or an award. Another one begins with nothing revealed. */
const chosen = ref<string>()
const of = computed(() => chosen.value ?? props.live.clock.value?.wall.of ?? '')
function choose(board: string) {
  chosen.value = board
  if (wall.value.shows === 'board') void show('board', 0)
}
const boardName = computed(
  () => props.live.boards.value.find((b) => b.of === (props.live.clock.value?.wall.of ?? ''))?.name,
)
</script>

<template>
  <section aria-labelledby="wall">
    <h2 id="wall">The wall</h2>
    <p class="small muted">
      <template v-if="wall.shows === 'clock'">It shows the clock.</template>
      <template v-else-if="wall.shows === 'question'"
        >It shows a question: {{ questions[wall.question - 1] ?? '' }}
      </template>
      <template v-else-if="wall.shows === 'plot'">It shows a picture: {{ wall.plot?.title }}. </template>
      <template v-else-if="wall.shows === 'gallery'">It shows the gallery. </template>
      <template v-else-if="wall.shows === 'overAll'">It shows the combined results. </template>
      <template v-else
        >It shows the board{{ live.clock.value?.wall.of ? ` of ${boardName}` : ''
        }}{{ wall.round === live.round.value ? '' : ` of round ${wall.round}` }},
        {{ Math.min(wall.revealed, places) }} of {{ places }}
        {{ places === 1 ? 'place' : 'places' }} revealed.</template
      >
      Keys on the wall itself: C clock, B board, → next team, ← hide it again, F full screen, P hold the page.
    </p>
    <p v-if="live.boards.value.length > 1">
      <label for="board-of">The board reveals</label>{{ ' ' }}
      <select id="board-of" class="inline" :value="of" @change="choose(($event.target as HTMLSelectElement).value)">
        <option v-for="b in live.boards.value" :key="b.of" :value="b.of">{{ b.name }}</option>
      </select>
    </p>
    <div class="touch-row">
      <Button
        label="Clock"
        :variant="wall.shows === 'clock' ? undefined : 'outlined'"
        :aria-pressed="wall.shows === 'clock'"
        @click="show('clock', revealed)"
      />
      <Button
        label="Board"
        :variant="wall.shows === 'board' ? undefined : 'outlined'"
        :aria-pressed="wall.shows === 'board'"
        @click="show('board', wall.of === of ? revealed : 0)"
      />
      <template v-if="wall.shows === 'board'">
        <Button
          label="Reveal the next team"
          variant="outlined"
          :disabled="allRevealed"
          @click="show('board', live.upTo(revealed + 1, teams))"
        />
        <Button label="Reveal all" variant="outlined" :disabled="allRevealed" @click="show('board', teams)" />
        <Button label="Hide all" variant="outlined" :disabled="wall.revealed === 0" @click="show('board', 0)" />
      </template>
    </div>
  </section>
</template>
