import type { RuleCheck } from '@/api/names'
import { allDifferent } from './allDifferent/kind'
import { fits } from './fits/kind'
import { inspection } from './inspection/kind'
import { ladder } from './ladder/kind'
import { limit } from './limit/kind'
import { ratio } from './ratio/kind'
import { share } from './share/kind'
import { spending } from './spending/kind'
import type { CheckKind } from './kind'

/** Every way of checking a rule, in the order in which it is offered. */
export const checks = {
  inspection,
  limit,
  fits,
  spending,
  share,
  ladder,
  ratio,
  allDifferent,
} satisfies { [K in RuleCheck['kind']]: CheckKind<K> }
