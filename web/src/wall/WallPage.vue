<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, defineAsyncComponent, inject, provide, watch } from 'vue'
import { api, ask } from '@/api/client'
import { useWho } from '@/access/useWho'
import { openRallyKey, useRallyOnWall } from '@/shared/openRally'
import { useAwake } from '@/shared/useAwake'
import { useWallClock } from '@/shared/useClock'
import { useLoad } from '@/shared/useLoad'
import BoardWall from './BoardWall.vue'
import ClockWall from './ClockWall.vue'
import OverAllWall from './OverAllWall.vue'
import GalleryWall from './GalleryWall.vue'
import { singleKeys } from '@/shared/singleKeys'

/** What draws comes along only when a picture is shown. */
const PlotWall = defineAsyncComponent(() => import('./PlotWall.vue'))
const QuestionWall = defineAsyncComponent(() => import('./QuestionWall.vue'))

/**
 * The wall: the clock or the board, as the teacher chose. Nothing to touch; at the teacher's own computer keys turn it.
 */
const { rally: own, round, tick, announced } = useRallyOnWall()
const { isTeacher } = useWho()
const live = useWallClock(own.value?.id ?? '', round, tick, announced)
/** In a lesson of several tiers what hangs there can be another tier's; the clock is of all. */
const hung = computed(() => (live.onWall.value && live.onWall.value !== own.value?.id ? live.onWall.value : undefined))
const other = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/wall', { params: { path: { id: hung.value! }, query: { round: round.value } } })),
)
watch([hung, round, tick], () => hung.value && void other.load())
const rally = computed(() => (hung.value ? other.data.value : own.value))
const lesson = computed(() => own.value && { ...own.value, ...own.value.lesson })
/** How far the live line is says nothing of another rally's log. */
const around = inject(openRallyKey)!
provide(openRallyKey, { ...around, announced: computed(() => (hung.value ? undefined : announced.value)) })
const shown = computed(() => live.clock.value?.wall)
/** What hangs on the wall stays with the round that it was hung up in. */
const of = computed(() => shown.value?.round ?? round.value)

useAwake()

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (!isTeacher.value || !singleKeys.value || event.altKey || event.ctrlKey || event.metaKey) return
  const revealed = live.revealed.value
  const teams = rally.value?.teams.filter((t) => !t.away).length ?? 0
  const board = (number: number) =>
    live.send(
      {
        does: 'show',
        shows: 'board',
        number: live.upTo(Math.max(0, Math.min(teams, number)), teams),
        of: shown.value?.of ?? '',
      },
      hung.value,
    )
  /** What is revealed from last to first: the list over several rallies where it hangs, else the board. */
  const { shows, overAll } = shown.value ?? {}
  const reveal = (number: number) =>
    shows === 'overAll'
      ? live.send({ does: 'show', shows, overAll, number: Math.max(0, number) }, hung.value)
      : board(number)
  const action = {
    KeyB: () => board(revealed),
    KeyC: () => live.send({ does: 'show', shows: 'clock', number: revealed }),
    KeyF: () => void document.documentElement.requestFullscreen().catch(() => undefined),
    ArrowRight: () => reveal(revealed + 1),
    Space: () => reveal(revealed + 1),
    ArrowLeft: () => reveal(revealed - 1),
    Home: () => reveal(0),
    End: () => board(teams),
  }[event.code]
  if (!action) return
  event.preventDefault()
  void action()
})
</script>

<template>
  <BoardWall v-if="rally && shown?.shows === 'board'" :rally="rally" :round="of" :tick="tick" />
  <PlotWall v-else-if="rally && shown?.shows === 'plot'" :rally="rally" :round="of" :tick="tick" :shown="shown.plot" />
  <OverAllWall v-else-if="rally && shown?.shows === 'overAll'" :rally="rally" :round="of" :tick="tick" />
  <GalleryWall
    v-else-if="rally && shown?.shows === 'gallery'"
    :rally="rally"
    :round="of"
    :tick="tick"
    :shown="shown.gallery"
  />
  <QuestionWall
    v-else-if="rally && shown?.shows === 'question' && live.question.value"
    :rally="rally"
    :round="of"
    :tick="tick"
    :shown="shown.plot"
    :question="live.question.value"
    :answers="live.answers.value"
  />
  <ClockWall v-else-if="lesson && live.clock.value" :rally="lesson" :live="live" />
  <main v-else id="main" class="wall">
    <h1 class="out-of-sight">The wall</h1>
    <p v-if="lesson && live.state.value !== 'loading'" class="do" role="status">
      {{
        live.state.value === 'offline'
          ? 'Plucky Rally does not answer. This screen tries again by itself.'
          : live.notRead.value?.title
      }}
    </p>
  </main>
</template>
