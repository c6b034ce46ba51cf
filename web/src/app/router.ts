import { createRouter, createWebHistory } from 'vue-router'
import { QuiltList, QuiltPage } from '@/features/quilts'
import NothingHere from './NothingHere.vue'

/** Stations are loaded when they are visited, by a door of their own: what the others use of a feature is in its index. */
const ClothStation = () => import('@/features/cloth/ClothStation.vue')
const TopStation = () => import('@/features/top/TopStation.vue')
const TallyStation = () => import('@/features/tally/TallyStation.vue')
const CutStation = () => import('@/features/cut/CutStation.vue')
const SewStation = () => import('@/features/sew/SewStation.vue')
const YieldsPage = () => import('@/features/yields/YieldsPage.vue')
const SizeChartPage = () => import('@/features/yields/SizeChartPage.vue')

/** Brings all stations in, so that they open without a network too; asked for once the page that was opened is quiet. */
export function bringStations() {
  for (const station of [ClothStation, TopStation, TallyStation, CutStation, SewStation, YieldsPage, SizeChartPage]) {
    void station().catch(() => undefined)
  }
}

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/quilts' },
    { path: '/quilts', component: QuiltList, meta: { title: 'Quilts' } },
    {
      path: '/quilts/:id',
      component: QuiltPage,
      props: true,
      children: [
        { path: '', redirect: (to) => `/quilts/${String(to.params.id)}/top` },
        { path: 'cloth', component: ClothStation, meta: { title: 'Cloth' } },
        { path: 'top', component: TopStation, meta: { title: 'Top' } },
        { path: 'tally', component: TallyStation, meta: { title: 'Tally' } },
        { path: 'cut', component: CutStation, meta: { title: 'Cut' } },
        { path: 'sew', component: SewStation, meta: { title: 'Sew' } },
      ],
    },
    { path: '/yields', component: YieldsPage, meta: { title: 'Yields' } },
    { path: '/yields/chart', component: SizeChartPage, meta: { title: 'Size chart' } },
    { path: '/:pathMatch(.*)*', component: NothingHere, meta: { title: 'Nothing here' } },
  ],
})

/** A station of an older build is not there any more after an upgrade: the page is opened anew, where it answers. */
router.onError((_, to) => {
  fetch('/api/health', { method: 'HEAD' })
    .then((answer) => answer.ok && window.location.assign(to.fullPath))
    .catch(() => undefined)
})
