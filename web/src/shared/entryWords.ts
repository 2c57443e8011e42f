import type { Entry } from '../api/names'

const plain: Partial<Record<Entry['kind'], string>> = {
  struckOut: 'a strike',
  planCleared: 'plan approved',
  cameLate: 'late',
  testOrderSet: 'the order of the test',
  designNoted: 'a change of the design',
  taskTicked: 'a task',
  tasksTimed: 'a time',
  relayFaulted: 'a fault',
  itemsCarried: 'what was brought over',
  relayStopped: 'gave up',
  itemsSorted: 'a sorted answer',
  orderGiven: 'an order',
  piecesCounted: 'pieces',
  levelGiven: 'a level',
  purchased: 'a purchase',
  returned: 'something given back',
  tallied: 'a counter',
  kitCounted: 'kit counted',
}

/** An entry in a few words, for as long as the server, which has better ones, has not seen it. */
export function entryWords(entry: Entry): string {
  switch (entry.kind) {
    case 'trialRecorded':
      return entry.outcome === 'counted' ? entry.readings.map((r) => r.typed).join(', ') : entry.outcome
    case 'measureRead':
      return entry.reading.typed
    case 'ruleChecked':
      return `a must-have ${entry.met ? 'kept' : 'missed'}`
    case 'noteMade':
      return `“${entry.text}”`
    case 'legTimed':
      return `leg ${entry.leg}, ${entry.time.typed}`
    default:
      return plain[entry.kind] ?? 'something recorded'
  }
}
