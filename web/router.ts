import type { Component } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
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

router.afterEach((to) => {
  document.title = to.meta.title ? `${to.meta.title} · Bonitas` : 'Bonitas'
})
