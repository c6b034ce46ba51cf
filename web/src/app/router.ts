import { createRouter, createWebHistory } from 'vue-router'
import { ClothStation } from '@/features/cloth'
import { QuiltList, QuiltPage } from '@/features/quilts'
import { CutStation } from '@/features/cut'
import { SewStation } from '@/features/sew'
import { TallyStation } from '@/features/tally'
import { TopStation } from '@/features/top'
import { SizeChartPage, YieldsPage } from '@/features/yields'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/quilts' },
    { path: '/quilts', component: QuiltList },
    {
      path: '/quilts/:id',
      component: QuiltPage,
      props: true,
      children: [
        { path: '', redirect: (to) => `/quilts/${String(to.params.id)}/top` },
        { path: 'cloth', component: ClothStation },
        { path: 'top', component: TopStation },
        { path: 'tally', component: TallyStation },
        { path: 'cut', component: CutStation },
        { path: 'sew', component: SewStation },
      ],
    },
    { path: '/yields', component: YieldsPage },
    { path: '/yields/chart', component: SizeChartPage },
    { path: '/:pathMatch(.*)*', redirect: '/quilts' },
  ],
})
