import type { Component } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import { term } from './words/term.js'
import { wordsReady } from './words/wordsOf.js'
import { addressOf, STAGES } from './stages.js'
import { useSessionStore } from './session/sessionStore.js'

declare module 'vue-router' {
  interface RouteMeta {
    readonly title?: string
    readonly open?: boolean
  }
}

/** Every page of a stage by its file; each is fetched when it is first gone to. */
const FILES = import.meta.glob('./*/*Page.vue')

const PAGES = STAGES.flatMap((stage) =>
  stage.pages.map((page) => ({
    path: addressOf(stage, page),
    component: FILES[`./${page.page}`] as () => Promise<Component>,
    meta: { title: page.title },
  })),
)

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/jobs' },
    {
      path: '/sign-in',
      component: () => import('./session/SignInPage.vue'),
      meta: { title: 'Sign in', open: true },
    },
    // For developers: the parts of the interface in their states. No page leads to it.
    {
      path: '/gallery',
      component: () => import('./gallery/GalleryPage.vue'),
      meta: { title: 'Parts of the interface', open: true },
    },
    {
      path: '/studio',
      component: () => import('./studio/StudioPage.vue'),
      meta: { title: 'Studio' },
    },
    { path: '/jobs', component: () => import('./jobs/JobsPage.vue'), meta: { title: 'Jobs' } },
    {
      path: '/jobs/:jobId',
      component: () => import('./job/JobShell.vue'),
      children: [
        { path: '', redirect: (to) => ({ path: `/jobs/${String(to.params.jobId)}/brief` }) },
        // An address of before still leads where it did.
        {
          path: 'brief/limits',
          redirect: (to) => ({ path: `/jobs/${String(to.params.jobId)}/brief/constraints` }),
        },
        ...PAGES,
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

// A page is shown when its words are there.
router.beforeResolve(wordsReady)

router.afterEach((to) => {
  document.title = to.meta.title ? `${term(to.meta.title)} · Bonitas` : 'Bonitas'
})
