import { createRouter, createWebHistory } from 'vue-router'
import { useSessionStore } from './session/sessionStore.js'

declare module 'vue-router' {
  interface RouteMeta {
    readonly title?: string
    readonly open?: boolean
  }
}

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/jobs' },
    {
      path: '/sign-in',
      component: () => import('./session/SignInPage.vue'),
      meta: { title: 'Sign in', open: true },
    },
    { path: '/jobs', component: () => import('./jobs/JobsPage.vue'), meta: { title: 'Jobs' } },
    {
      path: '/jobs/:jobId',
      component: () => import('./job/JobShell.vue'),
      children: [
        { path: '', redirect: (to) => ({ path: `/jobs/${String(to.params.jobId)}/brief` }) },
        { path: 'brief', component: () => import('./brief/BriefPage.vue'), meta: { title: 'Brief' } },
        {
          path: 'brief/pieces',
          component: () => import('./brief/PiecesPage.vue'),
          meta: { title: 'Pieces' },
        },
        {
          path: 'brief/limits',
          component: () => import('./brief/LimitsPage.vue'),
          meta: { title: 'Limits' },
        },
        {
          path: 'brief/schools',
          component: () => import('./brief/SchoolsPage.vue'),
          meta: { title: 'Schools' },
        },
        { path: 'brief/money', component: () => import('./brief/MoneyPage.vue'), meta: { title: 'Money' } },
        {
          path: 'brief/pictures',
          component: () => import('./brief/PicturesPage.vue'),
          meta: { title: 'Pictures' },
        },
        {
          path: 'brief/putting-back',
          component: () => import('./brief/PuttingBackPage.vue'),
          meta: { title: 'Putting back' },
        },
        { path: 'measure', component: () => import('./measure/MeasurePage.vue'), meta: { title: 'Measure' } },
        {
          path: 'measure/openings',
          component: () => import('./measure/OpeningsPage.vue'),
          meta: { title: 'Openings and fixtures' },
        },
        {
          path: 'measure/way-in',
          component: () => import('./measure/WayInPage.vue'),
          meta: { title: 'Way in' },
        },
        { path: 'palette', component: () => import('./palette/PalettePage.vue'), meta: { title: 'Palette' } },
        {
          path: 'palette/pairs',
          component: () => import('./palette/PairsPage.vue'),
          meta: { title: 'Pairs' },
        },
        {
          path: 'palette/light',
          component: () => import('./palette/LightPage.vue'),
          meta: { title: 'Light' },
        },
        {
          path: 'palette/schemes',
          component: () => import('./palette/SchemesPage.vue'),
          meta: { title: 'Schemes' },
        },
        {
          path: 'palette/samples',
          component: () => import('./palette/SamplesPage.vue'),
          meta: { title: 'Samples' },
        },
        {
          path: 'palette/picture',
          component: () => import('./palette/PicturePage.vue'),
          meta: { title: 'From a picture' },
        },
        {
          path: 'palette/proposals',
          component: () => import('./palette/ProposalsPage.vue'),
          meta: { title: 'Proposals' },
        },
        {
          path: 'palette/board',
          component: () => import('./palette/BoardPage.vue'),
          meta: { title: 'Board' },
        },
        { path: 'plan', component: () => import('./plan/FloorPage.vue'), meta: { title: 'Plan' } },
        { path: 'plan/walls', component: () => import('./plan/WallPage.vue'), meta: { title: 'Walls' } },
        {
          path: 'plan/light',
          component: () => import('./plan/LightPage.vue'),
          meta: { title: 'Light of the plan' },
        },
        {
          path: 'plan/proposals',
          component: () => import('./plan/ArrangePage.vue'),
          meta: { title: 'Arrangements' },
        },
        {
          path: 'plan/distances',
          component: () => import('./plan/DistancesPage.vue'),
          meta: { title: 'Distances' },
        },
        {
          path: 'takeoff',
          component: () => import('./takeoff/TakeoffPage.vue'),
          meta: { title: 'Take-off' },
        },
        { path: 'source', component: () => import('./source/SourcePage.vue'), meta: { title: 'Source' } },
        ...(
          [
            ['compare', () => import('./source/ComparePage.vue'), 'Options compared'],
            ['best-set', () => import('./source/BestSetPage.vue'), 'The best set'],
            ['catalogs', () => import('./source/CatalogsPage.vue'), 'Catalogs'],
            ['terms', () => import('./source/TermsPage.vue'), 'Suppliers’ terms'],
            ['lists', () => import('./source/ListsPage.vue'), 'Lists'],
          ] as const
        ).map(([path, component, title]) => ({ path: `source/${path}`, component, meta: { title } })),
        { path: 'ledger', component: () => import('./ledger/LedgerPage.vue'), meta: { title: 'Ledger' } },
        ...(
          [
            ['standing', () => import('./ledger/StandingPage.vue'), 'Where the money stands'],
            ['entries', () => import('./ledger/EntriesPage.vue'), 'Entries'],
            ['dates', () => import('./ledger/DatesPage.vue'), 'Dates'],
            ['changes', () => import('./ledger/ChangesPage.vue'), 'Changes of the budget'],
            ['bank', () => import('./ledger/BankPage.vue'), 'Bank statement'],
            ['receipts', () => import('./ledger/ReceiptsPage.vue'), 'Receipts and invoices'],
            ['claims', () => import('./ledger/ClaimsPage.vue'), 'Claims'],
            ['papers', () => import('./ledger/PapersPage.vue'), 'Papers'],
          ] as const
        ).map(([path, component, title]) => ({ path: `ledger/${path}`, component, meta: { title } })),
      ],
    },
    { path: '/:rest(.*)*', redirect: '/jobs' },
  ],
})

router.beforeEach(async (to) => {
  if (to.meta.open) return true
  // The code of the screen loads while the session is asked for; the router itself would wait.
  for (const { components } of to.matched) {
    const page: unknown = components?.default
    if (typeof page === 'function') (page as () => unknown)()
  }
  const session = useSessionStore()
  await session.ready()
  return session.visitor ? true : { path: '/sign-in', query: to.path === '/jobs' ? {} : { to: to.fullPath } }
})

router.afterEach((to) => {
  document.title = to.meta.title ? `${to.meta.title} · Bonitas` : 'Bonitas'
})
