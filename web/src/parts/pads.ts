import type { JudgePart } from '@/api/names'
import type { Pad } from './kind'
import BinsPad from './bins/BinsPad.vue'
import BudgetPad from './budget/BudgetPad.vue'
import OrderingPad from './ordering/OrderingPad.vue'
import PiecesPad from './pieces/PiecesPad.vue'
import RelayPad from './relay/RelayPad.vue'
import RubricPad from './rubric/RubricPad.vue'
import TallyPad from './tally/TallyPad.vue'
import TasksPad from './tasks/TasksPad.vue'

/** The pad of every kind of part that has one. */
export const pads = {
  measured: undefined,
  tasks: TasksPad,
  relay: RelayPad,
  bins: BinsPad,
  ordering: OrderingPad,
  pieces: PiecesPad,
  rubric: RubricPad,
  budget: BudgetPad,
  tally: TallyPad,
} satisfies { [K in JudgePart['kind']]: Pad<K> | undefined }
