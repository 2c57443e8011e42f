import type { Brief, Part } from '@/api/names'
import { free, ids } from '@/fields/freeId'
import type { WritingKind } from './kind'
import { bins } from './bins/writing'
import { budget } from './budget/writing'
import { measured } from './measured/writing'
import { ordering } from './ordering/writing'
import { pieces } from './pieces/writing'
import { relay } from './relay/writing'
import { rubric } from './rubric/writing'
import { tally } from './tally/writing'
import { tasks } from './tasks/writing'

/** Every kind of part as it is written, in the order in which it is offered. */
export const writing = {
  measured,
  tasks,
  relay,
  bins,
  ordering,
  pieces,
  rubric,
  budget,
  tally,
} satisfies { [K in Part['kind']]: WritingKind<K> }

/** A part of this kind, with nothing in it but what it cannot be without. A part and a measure never share an id. */
export const newPart = (brief: Brief, kind: Part['kind']): Part => ({
  id: free(kind, [...ids(brief.method.parts), ...ids(brief.measures)]),
  name: '',
  weight: 1,
  noValue: 'failurePoints',
  off: false,
  ...writing[kind].fresh(brief),
})
