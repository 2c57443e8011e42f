import type { Component } from 'vue'
import type { PaperChoices } from '@/papers/paper'

/** A kind of paper of a fair day; with a sheet where each class has its own. */
export interface DayKind {
  id: string
  name: string
  sheet?: () => Promise<Component>
  options?: readonly (keyof PaperChoices)[]
}

/** Every kind, in the order in which a day needs them. */
export const dayKinds: readonly { group: string; kinds: readonly DayKind[] }[] = [
  {
    group: 'Before the fair',
    kinds: [
      { id: 'doors', name: 'signs for the doors' },
      { id: 'helpers', name: 'a sheet for each helper' },
      {
        id: 'judge',
        name: 'judges’ sheets by table',
        sheet: () => import('@/papers/JudgeSheets.vue'),
        options: ['byHand'],
      },
    ],
  },
  {
    group: 'Afterwards',
    kinds: [
      { id: 'combined', name: 'the combined results' },
      {
        id: 'certificates',
        name: 'certificates',
        sheet: () => import('@/papers/CertificateSheets.vue'),
        options: ['certificate'],
      },
      { id: 'standings', name: 'standings and awards', sheet: () => import('@/papers/StandingsSheet.vue') },
      { id: 'slips', name: 'score slips', sheet: () => import('@/papers/ScoreSlips.vue') },
      { id: 'home', name: 'notes home', sheet: () => import('@/papers/NotesHome.vue'), options: ['next'] },
    ],
  },
]
