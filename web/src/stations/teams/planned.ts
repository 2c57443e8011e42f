/** A team that is being planned: nothing is kept before the rally begins. */
export interface PlannedTeam {
  name: string
  /** One or two letters of its own choice; empty for those of its name. */
  callSign: string
  locked: boolean
  students: { id: string; name: string; jobs: { id: string; before: number }[] }[]
}
