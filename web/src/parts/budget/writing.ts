import type { WritingKind } from '@/parts/kind'
import BudgetStrip from './BudgetStrip.vue'

export const budget: WritingKind<'budget'> = {
  label: 'What a budget leaves',
  fresh: () => ({
    kind: 'budget',
    prices: [],
    funds: 20,
    money: 'tokens',
    returnPercent: 100,
    value: 'left',
    curve: { kind: 'rate', perUnit: 1, start: 0 },
  }),
  strip: BudgetStrip,
}
