import type { JudgePart } from '@/api/names'
import type { Grid } from './kind'
import RelayLanes from './relay/RelayLanes.vue'
import TallyGrid from './tally/TallyGrid.vue'
import TaskGrid from './tasks/TaskGrid.vue'

/** The page of all teams: what happens to several at once has a place there, the rest is done team by team. */
export const together = {
  measured: undefined,
  tasks: TaskGrid,
  relay: RelayLanes,
  bins: undefined,
  ordering: undefined,
  pieces: undefined,
  rubric: undefined,
  budget: undefined,
  tally: TallyGrid,
} satisfies { [K in JudgePart['kind']]: Grid<K> | undefined }
