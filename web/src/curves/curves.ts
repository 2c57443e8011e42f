import type { Curve } from '@/api/names'
import { bands } from './bands/kind'
import { between } from './between/kind'
import { fullSteps } from './fullSteps/kind'
import { improvement } from './improvement/kind'
import type { CurveKind } from './kind'
import { place } from './place/kind'
import { rate } from './rate/kind'
import { raw } from './raw/kind'
import { shareOfBest } from './shareOfBest/kind'
import { target } from './target/kind'

/** Every kind of curve, in the order in which it is offered. */
export const curves = {
  rate,
  bands,
  fullSteps,
  between,
  place,
  shareOfBest,
  target,
  improvement,
  raw,
} satisfies { [K in Curve['kind']]: CurveKind<K> }
