import { createRouter, createWebHistory } from 'vue-router'
import { QuiltList, QuiltPage } from '@/features/quilts'
import StartPage from '@/features/start/StartPage.vue'
import { call } from '@/api/client'
import ComparePage from '@/features/compare/ComparePage.vue'
import WordsPage from '@/features/help/WordsPage.vue'
import NothingHere from './NothingHere.vue'
import ClothStation from '@/features/cloth/ClothStation.vue'
import TopStation from '@/features/top/TopStation.vue'
import TallyStation from '@/features/tally/TallyStation.vue'
import CutStation from '@/features/cut/CutStation.vue'
import SewStation from '@/features/sew/SewStation.vue'
import TablePage from '@/features/table/TablePage.vue'
import YieldsPage from '@/features/yields/YieldsPage.vue'
import SizeChartPage from '@/features/yields/SizeChartPage.vue'

/** Who has no quilt yet begins with one; everybody else with the list. */
async function whereToBegin() {
  try {
    const quilts = await call('GET', '/api/quilts')
    return quilts.length ? '/quilts' : '/start'
  } catch {
    return '/quilts'
  }
}

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: QuiltList, beforeEnter: whereToBegin },
    { path: '/start', component: StartPage, meta: { title: 'Start a quilt' } },
    { path: '/quilts', component: QuiltList, meta: { title: 'Quilts' } },
    { path: '/words', component: WordsPage, meta: { title: 'Stations, keys and words' } },
    { path: '/compare', component: ComparePage, meta: { title: 'Side by side' } },
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
        { path: 'table/cut', component: TablePage, meta: { title: 'Cut at the table', bare: true } },
        { path: 'table/sew', component: TablePage, meta: { title: 'Sew at the table', bare: true } },
      ],
    },
    { path: '/yields', component: YieldsPage, meta: { title: 'Yields' } },
    { path: '/yields/chart', component: SizeChartPage, meta: { title: 'Size chart' } },
    { path: '/:pathMatch(.*)*', component: NothingHere, meta: { title: 'Nothing here' } },
  ],
})
