import type { Answers } from '@/parts/answer'

export const pieces: Answers<'piecesCounted'> = {
  piecesCounted: { describe: () => 'pieces', lay: (soFar, entry) => void (soFar.pieces = entry.pieces) },
}
