import type { Component } from 'vue'
import type { PaperChoices } from './paper'

/** A kind of paper: what it is called, what can be chosen for it, and whether there is one a team. */
export interface PaperKind {
  id: string
  name: string
  /** Loaded when it is chosen. */
  sheet: () => Promise<Component>
  options?: readonly (keyof PaperChoices)[]
  /** One a team, so that one team's can be printed alone. */
  byTeam?: boolean
  /** Only where there is a rally. */
  ofRally?: boolean
}

const ofRally = true
const byTeam = true

/** Every kind of paper, in the order in which a lesson needs them. */
export const paperGroups: readonly { group: string; kinds: readonly PaperKind[] }[] = [
  {
    group: 'For the students',
    kinds: [
      {
        id: 'sheet',
        name: 'the student sheet',
        sheet: () => import('./StudentSheets.vue'),
        options: ['letters', 'behind', 'lines', 'boxes', 'planning'],
      },
      {
        id: 'work',
        name: 'worksheets',
        sheet: () => import('./WorkSheets.vue'),
        options: ['letters', 'lines', 'boxes', 'planning'],
        byTeam,
      },
      { id: 'tasks', name: 'task sheets', sheet: () => import('./TaskSheets.vue'), byTeam },
      { id: 'jobs', name: 'job cards', sheet: () => import('./JobCards.vue'), byTeam, ofRally },
      {
        id: 'cards',
        name: 'cards that were dealt',
        sheet: () => import('./TeamCards.vue'),
        byTeam,
        ofRally,
      },
      {
        id: 'notebook',
        name: 'notebook pages',
        sheet: () => import('./NotebookPages.vue'),
        byTeam,
        ofRally,
      },
    ],
  },
  {
    group: 'For the kit and the test',
    kinds: [
      {
        id: 'labels',
        name: 'bag and kit labels',
        sheet: () => import('./KitLabels.vue'),
        byTeam,
        ofRally,
      },
      {
        id: 'counts',
        name: 'count sheets',
        sheet: () => import('./CountSheet.vue'),
        byTeam,
        ofRally,
      },
      { id: 'deals', name: 'cards to deal', sheet: () => import('./DealCards.vue') },
      { id: 'heats', name: 'the heats', sheet: () => import('./HeatsSheet.vue'), ofRally },
      { id: 'rig', name: 'the rig, and what is the same', sheet: () => import('./RigSheet.vue') },
      {
        id: 'judge',
        name: 'judges’ sheets',
        sheet: () => import('./JudgeSheets.vue'),
        options: ['judges', 'tables', 'byHand'],
        byTeam,
      },
      { id: 'answers', name: 'answer sheets', sheet: () => import('./AnswerSheets.vue') },
    ],
  },
  {
    group: 'For the wall',
    kinds: [
      { id: 'poster', name: 'a poster', sheet: () => import('./PosterSheet.vue') },
      { id: 'phases', name: 'the phases', sheet: () => import('./PhasePlan.vue') },
      { id: 'list', name: 'the team list', sheet: () => import('./TeamsSheet.vue'), ofRally },
      { id: 'gallery', name: 'the gallery', sheet: () => import('./GallerySheet.vue'), ofRally },
      {
        id: 'plots',
        name: 'the class’s plots',
        sheet: () => import('./PlotsSheet.vue'),
        ofRally,
      },
    ],
  },
  {
    group: 'Afterwards',
    kinds: [
      {
        id: 'slips',
        name: 'score slips',
        sheet: () => import('./ScoreSlips.vue'),
        byTeam,
        ofRally,
      },
      {
        id: 'standings',
        name: 'standings and awards',
        sheet: () => import('./StandingsSheet.vue'),
        ofRally,
      },
      {
        id: 'certificates',
        name: 'certificates',
        sheet: () => import('./CertificateSheets.vue'),
        options: ['certificate'],
        byTeam,
        ofRally,
      },
      {
        id: 'home',
        name: 'notes home',
        sheet: () => import('./NotesHome.vue'),
        options: ['next'],
        byTeam,
        ofRally,
      },
    ],
  },
]
