import type { WritingKind } from '@/parts/kind'
import RubricStrip from './RubricStrip.vue'

export const rubric: WritingKind<'rubric'> = {
  label: 'Levels of a rubric',
  fresh: () => ({
    kind: 'rubric',
    voice: 'teacher',
    judges: 'mean',
    criteria: [
      {
        id: 'criterion1',
        name: '',
        levels: [
          { name: 'not yet', points: 0 },
          { name: 'fully', points: 5 },
        ],
      },
    ],
  }),
  strip: RubricStrip,
}
