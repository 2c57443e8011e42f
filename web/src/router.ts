import { createRouter, createWebHistory } from 'vue-router'
import { guard } from '@/access/guard'
import { followLinks } from '@/shared/goingTo'
import { keepThisAddress } from '@/shared/keptPage'
import { scrollBehavior } from '@/shared/scrollBehavior'

declare module 'vue-router' {
  interface RouteMeta {
    title?: string
    /** The station of a rally, or the wall. */
    station?: string
    /** Whether whoever has not been let in yet may see it. */
    open?: boolean
    /** Without the bar on top: walls, and what a team has in its hands. */
    bare?: boolean
    /**
     * What the page asks the server at first, besides who this is, so that it is on its way while the page's files are
     * still being read: the address as the page asks it, with what stands in its own.
     */
    asks?: readonly string[]
  }
}

/** Each kind of place is loaded by itself, so that a phone in the walk does not carry the desk's editor. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    {
      path: '/',
      component: () => import('@/home/HomePage.vue'),
      meta: {
        title: 'Home',
        asks: ['/api/kept', '/api/rallies', '/api/year', '/api/choices', '/api/briefs?search=&archived=false'],
      },
    },
    { path: '/sign-in', component: () => import('@/access/SignInPage.vue'), meta: { title: 'Sign in', open: true } },
    {
      path: '/join',
      component: () => import('@/access/JoinPage.vue'),
      meta: { title: 'Join with a code', open: true },
    },
    {
      path: '/show',
      component: () => import('@/access/ShowPage.vue'),
      meta: { title: 'The wall', open: true, bare: true },
    },
    {
      path: '/team',
      component: () => import('@/access/ShowPage.vue'),
      meta: { title: 'Your team', open: true, bare: true },
    },
    {
      path: '/install',
      component: () => import('@/access/InstallPage.vue'),
      meta: { title: 'Encrypted connection', open: true },
    },
    { path: '/password', component: () => import('@/access/PasswordPage.vue'), meta: { title: 'A new password' } },
    { path: '/backups', component: () => import('@/keeping/KeepingPage.vue'), meta: { title: 'Backups' } },
    { path: '/kept', redirect: '/backups' },
    {
      path: '/guide/:page?',
      component: () => import('@/guide/GuidePage.vue'),
      props: true,
      meta: { title: 'Guide', open: true },
    },
    {
      path: '/waiting',
      component: () => import('@/waiting/WaitingPage.vue'),
      meta: { title: 'Waiting on this device', open: true },
    },
    { path: '/about', component: () => import('@/about/AboutPage.vue'), meta: { title: 'About', open: true } },
    { path: '/status', component: () => import('@/about/HealthPage.vue'), meta: { title: 'Status' } },
    { path: '/health', redirect: '/status' },
    { path: '/over-all', component: () => import('@/over-all/OverAllPage.vue'), meta: { title: 'Combined results' } },
    { path: '/school', component: () => import('@/school/SchoolPage.vue'), meta: { title: 'School settings' } },
    { path: '/days', component: () => import('@/day/DaysPage.vue'), meta: { title: 'Fair days' } },
    { path: '/days/new', component: () => import('@/day/NewFairPage.vue'), meta: { title: 'New fair' } },
    {
      path: '/days/:day',
      component: () => import('@/day/DayPage.vue'),
      props: true,
      meta: { title: 'Fair day', station: 'day' },
    },
    {
      path: '/days/:day/papers',
      component: () => import('@/day/DayPapersPage.vue'),
      props: true,
      meta: { title: 'Papers for the day' },
    },
    {
      path: '/days/:day/codes',
      component: () => import('@/day/DayCodes.vue'),
      props: true,
      meta: { title: 'Helpers’ code' },
    },
    {
      path: '/days/:day/rallies/:rally/tables/:table',
      component: () => import('@/day/TablePage.vue'),
      props: true,
      meta: { title: 'Table', station: 'day' },
    },
    {
      path: '/days/:day/board',
      component: () => import('@/day/DayBoard.vue'),
      props: true,
      meta: { title: 'The board', station: 'day', bare: true },
    },
    { path: '/cupboard', component: () => import('@/cupboard/CupboardPage.vue'), meta: { title: 'Cupboard' } },
    { path: '/classes', component: () => import('@/classes/ClassesPage.vue'), meta: { title: 'Classes' } },
    {
      path: '/briefs/:brief',
      component: () => import('@/stations/brief/BriefPage.vue'),
      props: true,
      meta: { title: 'Brief', station: 'writing' },
    },
    {
      path: '/briefs/:brief/tiers/:tier',
      component: () => import('@/stations/brief/TierPage.vue'),
      props: true,
      meta: { title: 'Tier', station: 'writing' },
    },
    {
      path: '/briefs/:brief/print',
      component: () => import('@/papers/BriefPapersPage.vue'),
      props: true,
      meta: { title: 'On paper' },
    },
    {
      path: '/briefs/:brief/kit',
      component: () => import('@/stations/kit/KitPage.vue'),
      props: true,
      meta: { title: 'Kit' },
    },
    {
      path: '/briefs/:brief/teams',
      component: () => import('@/stations/teams/NewRallyPage.vue'),
      props: true,
      meta: { title: 'Teams' },
    },
    {
      path: '/rallies/:rally/talk',
      component: () => import('@/talk/TalkPage.vue'),
      props: true,
      meta: { title: 'The talk', station: 'talk', bare: true },
    },
    {
      path: '/rallies/:rally',
      component: () => import('@/stations/RallyFrame.vue'),
      props: ({ params }) => ({ rally: params.rally }),
      children: [
        { path: '', redirect: (to) => `${to.path.replace(/\/$/, '')}/score` },
        {
          path: 'next',
          component: () => import('@/stations/NextStation.vue'),
          meta: { title: 'The next station' },
        },
        {
          path: 'brief',
          component: () => import('@/stations/brief/EditionPage.vue'),
          meta: {
            title: 'Brief',
            station: 'brief',
            asks: ['/api/rallies/{rally}?round=1', '/api/rallies/{rally}/brief-changes?round=1'],
          },
        },
        {
          path: 'change',
          component: () => import('@/stations/brief/ChangePage.vue'),
          meta: { title: 'Edit this rally’s brief', station: 'brief' },
        },
        {
          path: 'next-round',
          component: () => import('@/stations/brief/NextRoundPage.vue'),
          meta: { title: 'The next round', station: 'brief' },
        },
        {
          path: 'kit',
          component: () => import('@/stations/kit/RallyKitPage.vue'),
          meta: { title: 'Kit', station: 'kit', asks: ['/api/rallies/{rally}?round=1'] },
        },
        {
          path: 'papers',
          component: () => import('@/papers/PapersPage.vue'),
          meta: { title: 'On paper' },
        },
        {
          path: 'typing/:team?',
          component: () => import('@/papers/TypingPage.vue'),
          props: true,
          meta: { title: 'Type in judges’ sheets', station: 'typing' },
        },
        {
          path: 'teams',
          component: () => import('@/stations/teams/TeamsPage.vue'),
          meta: { title: 'Teams', station: 'teams', asks: ['/api/rallies/{rally}?round=1'] },
        },
        {
          path: 'attendance',
          component: () => import('@/stations/teams/AttendancePage.vue'),
          meta: { title: 'Attendance', station: 'teams' },
        },
        {
          path: 'run',
          component: () => import('@/stations/run/RunPage.vue'),
          meta: { title: 'Run', station: 'run', asks: ['/api/rallies/{rally}?round=1'] },
        },
        {
          path: 'judges',
          component: () => import('@/access/JudgesPage.vue'),
          meta: { title: 'Judges, teams and walls' },
        },
        {
          path: 'score/:team?',
          component: () => import('@/stations/score/ScorePage.vue'),
          props: true,
          meta: {
            title: 'Score',
            station: 'score',
            asks: ['/api/rallies/{rally}/walk?round=1', '/api/rallies/{rally}/score?round=1&team={team}&held=0'],
          },
        },
        {
          path: 'together',
          component: () => import('@/stations/score/together/TogetherPage.vue'),
          meta: { title: 'All teams together', station: 'together' },
        },
        {
          path: 'debrief',
          component: () => import('@/stations/debrief/DebriefPage.vue'),
          meta: { title: 'Debrief', station: 'debrief', asks: ['/api/rallies/{rally}?round=1'] },
        },
        {
          path: 'notebook',
          redirect: (to) => ({
            path: to.path.replace(/notebook$/, 'papers'),
            query: { ...to.query, print: 'notebook' },
          }),
        },
        {
          path: 'marks',
          component: () => import('@/stations/debrief/MarksPage.vue'),
          meta: { title: 'Levels', station: 'debrief' },
        },
        {
          path: 'results',
          component: () => import('@/stations/results/ResultsPage.vue'),
          meta: {
            title: 'Results',
            station: 'results',
            asks: [
              '/api/rallies/{rally}?round=1',
              '/api/rallies/{rally}/results?round=1&why=',
              '/api/rallies/{rally}/photos',
            ],
          },
        },
        {
          path: 'wall',
          component: () => import('@/wall/WallPage.vue'),
          meta: {
            title: 'The wall',
            station: 'wall',
            bare: true,
            asks: ['/api/rallies/{rally}/wall?round=1', '/api/rallies/{rally}/wall/clock?round=1'],
          },
        },
      ],
    },
    { path: '/:rest(.*)*', component: () => import('@/pages/NotFoundPage.vue'), meta: { title: 'No such page' } },
  ],
  scrollBehavior,
})

followLinks(router)
router.beforeEach(guard)

router.afterEach((to) => {
  keepThisAddress()
  document.title = `${to.meta.title ?? 'Page'} · Plucky Rally`
})
