import { createRouter, createWebHistory } from 'vue-router'
import { lastPlace, QuiltPage } from '@/features/quilts'
import { call } from '@/api/client'
import NothingHere from './NothingHere.vue'

const QuiltList = () => import('@/features/quilts/QuiltList.vue')

/** Who has no quilt yet begins with one; everybody else with the list. */
async function whereToBegin() {
  try {
    const quilts = await call('GET', '/api/quilts')
    return quilts.length ? '/quilts' : '/start'
  } catch {
    return '/quilts'
  }
}

/** A quilt opens where it was left. */
const placeOf = (quilt: string) => `/quilts/${quilt}/${lastPlace.stationOf(quilt) ?? 'top'}`

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: QuiltList, beforeEnter: whereToBegin },
    { path: '/start', component: () => import('@/features/start/StartPage.vue'), meta: { title: 'Start a quilt' } },
    { path: '/quilts', component: QuiltList, meta: { title: 'Quilts' } },
    { path: '/cloth', component: () => import('@/features/cloth/ClothStation.vue'), meta: { title: 'Cloth' } },
    {
      path: '/words',
      component: () => import('@/features/help/WordsPage.vue'),
      meta: { title: 'Stations, keys and words' },
    },
    {
      path: '/compare',
      component: () => import('@/features/compare/ComparePage.vue'),
      meta: { title: 'Side by side' },
    },
    {
      path: '/quilts/:id',
      component: QuiltPage,
      props: true,
      children: [
        { path: '', redirect: (to) => placeOf(String(to.params.id)) },
        { path: 'cloth', component: () => import('@/features/cloth/ClothStation.vue'), meta: { title: 'Cloth' } },
        { path: 'top', component: () => import('@/features/top/TopStation.vue'), meta: { title: 'Top' } },
        { path: 'tally', component: () => import('@/features/tally/TallyStation.vue'), meta: { title: 'Tally' } },
        { path: 'cut', component: () => import('@/features/cut/CutStation.vue'), meta: { title: 'Cut' } },
        { path: 'sew', component: () => import('@/features/sew/SewStation.vue'), meta: { title: 'Sew' } },
        {
          path: 'table/cut',
          component: () => import('@/features/table/TablePage.vue'),
          meta: { title: 'Cut at the table', bare: true },
        },
        {
          path: 'table/sew',
          component: () => import('@/features/table/TablePage.vue'),
          meta: { title: 'Sew at the table', bare: true },
        },
      ],
    },
    { path: '/yields', component: () => import('@/features/yields/YieldsPage.vue'), meta: { title: 'Yields' } },
    {
      path: '/yields/chart',
      component: () => import('@/features/yields/SizeChartPage.vue'),
      meta: { title: 'Size chart' },
    },
    { path: '/:pathMatch(.*)*', component: NothingHere, meta: { title: 'Nothing here' } },
  ],
})

/** Pages are fetched when they are first visited; after an upgrade those of before are gone, and the page is loaded anew. */
router.onError((error, to, from) => {
  const isGone = error instanceof TypeError && /dynamically imported module|Importing a module/i.test(error.message)
  const isFirst = from.matched.length === 0
  if (isGone && !isFirst && navigator.onLine) window.location.assign(to.fullPath)
})

/** Once there is time the other pages are fetched too, so that they open when the network is gone. */
export function fetchOtherPages() {
  const pages = router.getRoutes().flatMap((route) => Object.values(route.components ?? {}))
  const waiting = pages.filter((page): page is () => Promise<unknown> => typeof page === 'function')
  const whenIdle = (work: () => void) =>
    typeof requestIdleCallback === 'function' ? requestIdleCallback(work) : setTimeout(work, 200)
  const next = () => {
    const page = waiting.shift()
    // What cannot be fetched now is fetched when it is visited.
    if (page) void page().then(() => whenIdle(next), next)
  }
  setTimeout(() => whenIdle(next), 2000)
}
