import { createRouter, createWebHistory } from 'vue-router'
import { QuiltList, QuiltPage } from '@/features/quilts'
import NothingHere from './NothingHere.vue'
import ClothStation from '@/features/cloth/ClothStation.vue'
import TopStation from '@/features/top/TopStation.vue'
import TallyStation from '@/features/tally/TallyStation.vue'
import CutStation from '@/features/cut/CutStation.vue'
import SewStation from '@/features/sew/SewStation.vue'
import YieldsPage from '@/features/yields/YieldsPage.vue'
import SizeChartPage from '@/features/yields/SizeChartPage.vue'

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
