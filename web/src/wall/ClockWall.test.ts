import { mount } from '@vue/test-utils'
import { beforeEach, expect, test } from 'vitest'
import { computed, nextTick, ref } from 'vue'
import type { ClockPhase, LessonClock, RallyOnWall } from '@/api/names'
import type { WallClock } from '@/shared/useClock'
import ClockWall from './ClockWall.vue'

const phase: ClockPhase = {
  id: 'test',
  kind: 'test',
  name: 'Test',
  minutes: 15,
  warnings: [1],
  now: 'One team at a time.',
  teamByTeam: true,
}
const clock: LessonClock = {
  phase,
  over: false,
  ends: '2026-11-24T09:15:00Z',
  minutesAfter: 0,
  turn: { on: ['t1'], next: ['t2'], done: 0, all: 2, since: '2026-11-24T09:00:00Z', seconds: 300 },
  wall: { shows: 'clock', revealed: 0, question: 0, round: 1, of: '' },
  phases: [phase],
}
const rally: RallyOnWall = {
  id: 'r',
  name: 'Millrace',
  title: 'Millrace',
  goal: '',
  ifLate: '',
  teams: [
    { id: 't1', name: 'Terns', callSign: '', away: false, cards: [], bag: [] },
    { id: 't2', name: 'Whelks', callSign: '', away: false, cards: [], bag: [] },
  ],
  criteria: [],
  limits: [],
  cautions: [],
  drawn: [],
}

beforeEach(() => {
  Object.defineProperty(navigator, 'userActivation', { value: { hasBeenActive: false }, configurable: true })
})

test('in a phase that goes team by team the turn has the large clock, and its warning', async () => {
  const turnLeft = ref(61)
  const live: Partial<WallClock> = {
    clock: ref(clock),
    left: computed(() => 900 - (300 - turnLeft.value)),
    turnLeft: computed(() => turnLeft.value),
    works: computed(() => turnLeft.value),
    teams: ref([]),
    held: computed(() => undefined),
    last: ref([]),
  }
  const wall = mount(ClockWall, { props: { rally, live: live as WallClock } })
  expect(wall.get('.clock').text()).toBe('1:01')
  expect(wall.get('footer').text()).toContain('all teams: 11:01')
  expect(wall.find('.signal').exists()).toBe(false)
  turnLeft.value = 59.5
  await nextTick()
  expect(wall.get('.signal').text()).toBe('1 minute left')
})

test('while hands are at work all that is asked, forbidden and to be careful with hangs there', () => {
  const build: ClockPhase = { ...phase, id: 'build', kind: 'build', name: 'Build', teamByTeam: false }
  const live: Partial<WallClock> = {
    clock: ref({ ...clock, phase: build, turn: null }),
    left: computed(() => 600),
    turnLeft: computed(() => undefined),
    works: computed(() => 600),
    teams: ref([]),
    held: computed(() => undefined),
    last: ref([]),
  }
  const asked = {
    ...rally,
    criteria: ['Floats'],
    limits: ['One sheet', 'No glue', 'No tape', 'No string'],
    cautions: ['Wet floors', 'Small parts'],
  }
  const wall = mount(ClockWall, { props: { rally: asked, live: live as WallClock } })
  expect(wall.findAll('.more li').map((l) => l.text())).toEqual([...asked.criteria, ...asked.limits])
  expect(wall.findAll('.more h2').map((h) => h.text())).toEqual(['Criteria', 'Constraints'])
  expect(wall.findAll('.caution').map((c) => c.text())).toEqual(asked.cautions)
})

test('two teams that are tested at once stand at tables', () => {
  const live: Partial<WallClock> = {
    clock: ref({ ...clock, turn: { ...clock.turn!, on: ['t1', 't2'], next: [] } }),
    left: computed(() => 600),
    turnLeft: computed(() => 60),
    works: computed(() => 60),
    teams: ref([]),
    held: computed(() => undefined),
    last: ref([]),
  }
  const wall = mount(ClockWall, { props: { rally, live: live as WallClock } })
  expect(wall.findAll('.turn .team > span').map((t) => t.text())).toEqual(['Terns, table 1', 'Whelks, table 2'])
})
