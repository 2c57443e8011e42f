import type { Answers } from '@/parts/answer'

export const pieces: Answers<'piecesCounted'> = {
  piecesCounted: { says: () => 'pieces', lay: (soFar, entry) => void (soFar.pieces = entry.pieces) },
}
