import { createRouter, createWebHistory } from 'vue-router'
import { ClothStation } from '@/features/cloth'
import { QuiltList, QuiltPage } from '@/features/quilts'
import { CutStation } from '@/features/cut'
import { SewStation } from '@/features/sew'
import { TallyStation } from '@/features/tally'
import { TopStation } from '@/features/top'
import NothingHere from './NothingHere.vue'
import { SizeChartPage, YieldsPage } from '@/features/yields'

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
