import type { SheetTrial } from '@/api/names'

/**
 * An attempt that was made before: one that waited to be looked at, one that is read a second time, or one of which
 * another judge left the rest to be read.
 */
export interface Redo {
  trial: SheetTrial
  as: 'look' | 'again' | 'rest'
}
