import type { Better, Combine, Comparison, MeasureKind, MeasuredPart, Per, Rule, Season, Work } from '@/api/names'
import type { Pairs } from './pairs'

/** What the choices of a brief are called on the sheet and in the margin. */

export const seasons: Pairs<Season> = [
  ['any', 'any season'],
  ['autumn', 'fall'],
  ['winter', 'winter'],
  ['spring', 'spring'],
  ['summer', 'summer'],
]

export const kindsOfMeasure: Pairs<MeasureKind> = [
  ['length', 'a length'],
  ['area', 'an area'],
  ['mass', 'a mass'],
  ['force', 'a force'],
  ['volume', 'a volume'],
  ['duration', 'a time'],
  ['temperature', 'a temperature'],
  ['angle', 'an angle'],
  ['count', 'a count'],
  ['money', 'an amount of money'],
  ['percent', 'a percentage'],
  ['number', 'a plain number'],
  ['yesNo', 'yes or no'],
  ['level', 'a level in words'],
]

export const comparisons: Pairs<Comparison> = [
  ['atLeast', 'at least'],
  ['moreThan', 'more than'],
  ['atMost', 'at most'],
  ['lessThan', 'less than'],
  ['between', 'from'],
  ['exactly', 'exactly'],
]

export const whens: Pairs<Rule['when']> = [
  ['plan', 'with the plan'],
  ['beforeTest', 'before the test'],
  ['everyAttempt', 'in every attempt'],
  ['afterTest', 'after the test'],
]

export const combines: Pairs<Combine> = [
  ['best', 'the best attempt'],
  ['worst', 'the weakest attempt'],
  ['mean', 'the mean of all attempts'],
  ['median', 'the middle attempt'],
  ['sum', 'all attempts added up'],
  ['first', 'the first attempt'],
  ['last', 'the last attempt'],
  ['bestMean', 'the mean of the best'],
  ['successes', 'how many attempts count'],
  ['range', 'range of the attempts'],
]

/** Combinings that take a failed attempt at a value of its own; only there the field for it is shown. */
const takingFailed = new Set<MeasuredPart['combine']>(['worst', 'mean', 'median', 'sum', 'first', 'last'])
export const takesFailed = ({ combine }: Pick<MeasuredPart, 'combine'>) => takingFailed.has(combine)

export const works: Pairs<Work> = [
  ['eachAttempt', 'in each attempt'],
  ['combined', 'once, from what counts'],
]

export const better: Pairs<Better> = [
  ['more', 'more'],
  ['less', 'less'],
]

export const pers: Pairs<Per> = [
  ['team', 'for each team'],
  ['member', 'for each member'],
  ['attempt', 'for each attempt'],
  ['freshBuild', 'for each fresh build'],
  ['class', 'for the class'],
  ['lane', 'for each lane'],
  ['heat', 'for each heat'],
  ['round', 'for each round'],
]
