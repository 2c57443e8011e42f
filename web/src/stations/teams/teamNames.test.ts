import { describe, expect, it } from 'vitest'
import { teamNames } from './teamNames'

describe('teams that are typed', () => {
  it('stand one on a line, blank ones left out', () => {
    expect(teamNames('Gulls\n\n  Terns \r\n').map((t) => t.name)).toEqual(['Gulls', 'Terns'])
  })

  it('may have names behind a colon, with commas or semicolons', () => {
    expect(teamNames('Snails: Ola, Per ,; Ria\nWhelks:')).toEqual([
      { name: 'Snails', names: ['Ola', 'Per', 'Ria'] },
      { name: 'Whelks', names: [] },
    ])
  })

  it('keeps names without a team, so that the missing name is asked for', () => {
    expect(teamNames(': Ola')).toEqual([{ name: '', names: ['Ola'] }])
  })

  it('is the first column of a spreadsheet', () => {
    expect(teamNames('Snails: Ola\t12\tred')).toEqual([{ name: 'Snails', names: ['Ola'] }])
  })
})
