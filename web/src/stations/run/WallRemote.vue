<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { RallyOpened } from '@/api/names'
import { tierName } from '@/shared/tierName'
import type { LiveClock } from '@/shared/useClock'

/**
 * What the wall shows: the clock, or the board revealed from the last place to the first. In a lesson of several tiers
 * the board is one tier's, or all of them as one list.
 */
const props = defineProps<{ live: LiveClock; rally: RallyOpened }>()
const questions = computed(() => props.rally.brief.teacher.questions)
const wall = computed(
  () => props.live.clock.value?.wall ?? { shows: 'clock' as const, revealed: 0, question: 0, of: '', round: 1 },
)
/** Whose results the board shows: one tier's, or all as one list or a list for each. */
const tiers = computed(() => [{ id: props.rally.id, tier: props.rally.tier }, ...props.rally.beside])
const asLists = { one: 'all tiers in one list', tier: 'all tiers, a list for each' } as const
const hangs = computed(() => {
  if (tiers.value.length === 1) return props.rally.id
  return wall.value.shows === 'overAll' ? (wall.value.overAll?.lists ?? 'one') : props.live.onWall.value
})
const picked = ref<string>()
const whose = computed(() => picked.value ?? hangs.value)
const lists = computed<keyof typeof asLists | undefined>(() => {
  const all = whose.value
  return all === 'one' || all === 'tier' ? all : undefined
})
const teams = computed(() => {
  const own = props.rally.beside.find((b) => b.id === whose.value) ?? props.rally
  const shown = lists.value ? [props.rally, ...props.rally.beside] : [own]
  return shown.flatMap((r) => r.teams.filter((t) => !t.away)).length
})
const onBoard = computed(() => wall.value.shows === 'board' || (wall.value.shows === 'overAll' && !!lists.value))
const revealed = computed(() => props.live.revealed.value)
const places = computed(() => (lists.value ? teams.value : props.live.places.value))
const allRevealed = computed(() => revealed.value >= places.value)
function show(shows: 'clock' | 'board', number: number) {
  const rally = lists.value ? props.rally.id : whose.value
  if (shows === 'clock') return props.live.send({ does: 'show', shows, number }, rally)
  if (!lists.value) return props.live.send({ does: 'show', shows, number, of: of.value }, rally)
  const [by, figure] = ['value', ''] as const
  const overAll = { rallies: props.rally.beside.map((b) => b.id), by, figure, lists: lists.value, anyway: true }
  return props.live.send({ does: 'show', shows: 'overAll', number, overAll: { ...overAll, placePoints: [] } }, rally)
}
/** Another board begins with nothing revealed. */
function pick(which: string) {
  picked.value = which
  if (wall.value.shows === 'board' || wall.value.shows === 'overAll') void show('board', 0)
}
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
    <p v-if="tiers.length > 1">
      <label for="board-whose">The board is of</label>{{ ' ' }}
      <select id="board-whose" class="inline" :value="whose" @change="pick(($event.target as HTMLSelectElement).value)">
        <option v-for="t in tiers" :key="t.id" :value="t.id">{{ tierName(t.tier) }}</option>
        <option v-for="(says, id) in asLists" :key="id" :value="id">{{ says }}</option>
      </select>
    </p>
    <p v-if="live.boards.value.length > 1 && !lists">
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
        :variant="onBoard ? undefined : 'outlined'"
        :aria-pressed="onBoard"
        @click="show('board', wall.of === of ? revealed : 0)"
      />
      <template v-if="onBoard">
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
