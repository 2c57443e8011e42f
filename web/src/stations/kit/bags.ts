/** How bags are drawn: so many of each category, alike or each its own, by a number that draws the same again. */
export function newDraw() {
  const shares: Record<string, { least: number; most: number }> = {}
  return {
    shares,
    same: false,
    spread: 1,
    seed: 1,
    share(category: string) {
      return (this.shares[category] ??= { least: 2, most: 3 })
    },
  }
}
export type BagsToDraw = ReturnType<typeof newDraw>
