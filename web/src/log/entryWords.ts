import type { Entry, EntryOf } from '@/api/names'
import type { AllAnswers } from '@/parts/answer'
import { describeAnswer, isAnswer } from '@/parts/answers'

type Other = Exclude<Entry['kind'], keyof AllAnswers>
const others = {
  trialRecorded: (e) =>
    e.outcome === 'counted' ? e.readings.map((r) => r.typed).join(', ') || 'an attempt' : e.outcome,
  measureRead: (e) => e.reading.typed,
  ruleChecked: (e) => `a must-have ${e.met ? 'met' : 'missed'}`,
  noteMade: (e) => `“${e.text}”`,
  struckOut: () => 'an entry crossed out',
  planCleared: () => 'plan approved',
  cameLate: () => 'late',
  sentToTable: (e) => (e.notHere ? 'was not there' : `sent to table ${e.table}`),
  testOrderSet: () => 'the test order',
  designNoted: () => 'a design note',
  awardGiven: () => 'an award',
  awardVoted: () => 'a vote for an award',
  markGiven: () => 'a mark',
  tagSeen: (e) => `“${e.word}”`,
  instrumentChecked: (e) => `${e.known.instrument || 'an instrument'} checked`,
  kitCounted: () => 'kit counted',
  targetSet: () => 'a target',
  overRoundsSet: () => 'how rounds are combined',
  attemptsCut: () => 'fewer attempts',
  placesOpened: () => 'places shown',
  wallSet: () => 'what the wall shows',
  roundClosed: () => 'the round closed',
  roundReopened: () => 'the round opened again',
  holdBegun: () => 'a hold started',
  phaseBegun: () => 'a phase started',
  clockPaused: () => 'the clock paused',
  clockResumed: () => 'the clock resumed',
  briefMended: () => 'the brief changed',
  turnBegun: () => 'a turn started',
  teamJoined: (e) => `${e.name} joined`,
  teamChanged: (e) => `a team is called ${e.name ?? 'otherwise'}`,
  teamAway: () => 'not ranked',
  teamBack: () => 'takes part again',
  cardsDealt: () => 'cards dealt',
  cardDrawn: () => 'a card drawn',
  bagsDrawn: () => 'bags drawn',
  heatsDrawn: () => 'heats drawn',
  pupilPlaced: () => 'a student placed',
  answerGiven: (e) => `“${e.text}”`,
  answersHeld: (e) => (e.held ? 'teams’ answers wait' : 'teams’ answers are shown at once'),
  answerShown: () => 'an answer shown',
  lookedBack: () => 'what a team learned',
  referenceAdded: (e) => `“${e.name}” as a comparison`,
  minutesAdded: (e) => `${e.minutes} more minutes`,
} satisfies { [K in Other]: (entry: EntryOf<K>) => string }

/** An entry in a few words, for as long as the server, which has better ones, has not seen it. */
export function entryWords(entry: Entry): string {
  if (isAnswer(entry)) return describeAnswer(entry)
  // The registry holds for each kind what takes just that kind; the compiler cannot see that the two go together.
  return (others[entry.kind] as (entry: Entry) => string)(entry)
}
