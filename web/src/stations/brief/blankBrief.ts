import type { Brief } from '../../api/names'

/** A brief with nothing in it: its snags say what to write first. */
export const blankBrief = (): Brief => ({
  format: 'plucky-rally/brief',
  version: 1,
  title: '',
  season: 'any',
  theme: '',
  story: '',
  goal: '',
  measures: [],
  rules: [],
  trials: { attempts: 1, designs: 'best', freshBuildAfterFailure: false, overWhen: '' },
  method: { parts: [], wins: 'highest', precision: 0.1, tieBreaks: [], awards: [], places: 'standard', ranking: true },
  tiers: [],
})
