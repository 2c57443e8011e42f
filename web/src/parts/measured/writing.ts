import type { WritingKind } from '@/parts/kind'
import MeasuredStrip from './MeasuredStrip.vue'

export const measured: WritingKind<'measured'> = {
  label: 'Something measured',
  fresh: (brief) => ({
    kind: 'measured',
    value: brief.measures[0]?.id ?? '',
    better: 'more',
    work: 'eachAttempt',
    combine: 'best',
    curve: { kind: 'rate', perUnit: 1, start: 0 },
  }),
  strip: MeasuredStrip,
}
