interface InHeat {
  id: string
  name: string
  heat?: { heat: number; lane: number } | null
}

/** The heats that were drawn, in order, each with its teams by lane. */
export function heatsOf(teams: readonly InHeat[]) {
  const placed = teams.flatMap((t) => (t.heat ? [{ id: t.id, name: t.name, ...t.heat }] : []))
  return [...new Set(placed.map((t) => t.heat))]
    .sort((a, b) => a - b)
    .map((number) => ({
      number,
      teams: placed.filter((t) => t.heat === number).sort((a, b) => a.lane - b.lane),
    }))
}
