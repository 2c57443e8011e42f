import { defineAsyncComponent, type Component } from 'vue'
import type { PaperChoices } from './paper'

/** A sort of paper: what it is called, what can be chosen for it, and whether there is one a team. */
export interface Sort {
  id: string
  name: string
  sheet: Component
  options?: readonly (keyof PaperChoices)[]
  /** One a team, so that one team's can be printed alone. */
  byTeam?: boolean
  /** Only where there is a rally. */
  ofRally?: boolean
}

const ofRally = true
const byTeam = true

/** Every sort of paper, in the order in which a lesson needs them. */
export const sorts: readonly { group: string; sorts: readonly Sort[] }[] = [
  {
    group: 'For the pupils',
    sorts: [
      {
        id: 'sheet',
        name: 'the pupils’ sheet',
        sheet: defineAsyncComponent(() => import('./PupilsSheets.vue')),
        options: ['letters', 'behind', 'lines', 'boxes'],
      },
      {
        id: 'work',
        name: 'worksheets',
        sheet: defineAsyncComponent(() => import('./WorkSheets.vue')),
        options: ['letters', 'lines', 'boxes'],
        byTeam,
      },
      { id: 'tasks', name: 'task sheets', sheet: defineAsyncComponent(() => import('./TaskSheets.vue')), byTeam },
      { id: 'jobs', name: 'job cards', sheet: defineAsyncComponent(() => import('./JobCards.vue')), byTeam, ofRally },
      {
        id: 'cards',
        name: 'cards that were dealt',
        sheet: defineAsyncComponent(() => import('./TeamCards.vue')),
        byTeam,
        ofRally,
      },
      {
        id: 'notebook',
        name: 'notebook pages',
        sheet: defineAsyncComponent(() => import('./NotebookPages.vue')),
        byTeam,
        ofRally,
      },
    ],
  },
  {
    group: 'For the kit and the test',
    sorts: [
      {
        id: 'labels',
        name: 'bag and kit labels',
        sheet: defineAsyncComponent(() => import('./KitLabels.vue')),
        byTeam,
        ofRally,
      },
      {
        id: 'counts',
        name: 'count sheets',
        sheet: defineAsyncComponent(() => import('./CountSheet.vue')),
        byTeam,
        ofRally,
      },
      { id: 'deals', name: 'cards to deal', sheet: defineAsyncComponent(() => import('./DealCards.vue')) },
      { id: 'rig', name: 'the rig, and what is the same', sheet: defineAsyncComponent(() => import('./RigSheet.vue')) },
      {
        id: 'judge',
        name: 'judges’ sheets',
        sheet: defineAsyncComponent(() => import('./JudgeSheets.vue')),
        options: ['judges', 'tables'],
        byTeam,
      },
      { id: 'answers', name: 'answer sheets', sheet: defineAsyncComponent(() => import('./AnswerSheets.vue')) },
    ],
  },
  {
    group: 'For the wall',
    sorts: [
      { id: 'poster', name: 'a poster', sheet: defineAsyncComponent(() => import('./PosterSheet.vue')) },
      { id: 'phases', name: 'the phases', sheet: defineAsyncComponent(() => import('./PhasePlan.vue')) },
      { id: 'list', name: 'the team list', sheet: defineAsyncComponent(() => import('./TeamsSheet.vue')), ofRally },
      { id: 'gallery', name: 'the gallery', sheet: defineAsyncComponent(() => import('./GallerySheet.vue')), ofRally },
      {
        id: 'plots',
        name: 'the class’s plots',
        sheet: defineAsyncComponent(() => import('./PlotsSheet.vue')),
        ofRally,
      },
    ],
  },
  {
    group: 'Afterwards',
    sorts: [
      {
        id: 'slips',
        name: 'score slips',
        sheet: defineAsyncComponent(() => import('./ScoreSlips.vue')),
        byTeam,
        ofRally,
      },
      {
        id: 'standings',
        name: 'standings and awards',
        sheet: defineAsyncComponent(() => import('./StandingsSheet.vue')),
        ofRally,
      },
      {
        id: 'certificates',
        name: 'certificates',
        sheet: defineAsyncComponent(() => import('./CertificateSheets.vue')),
        options: ['certificate'],
        byTeam,
        ofRally,
      },
      {
        id: 'home',
        name: 'notes home',
        sheet: defineAsyncComponent(() => import('./NotesHome.vue')),
        options: ['next'],
        byTeam,
        ofRally,
      },
    ],
  },
]
