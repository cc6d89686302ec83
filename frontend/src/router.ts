import { createRouter, createWebHistory } from 'vue-router'
import GrovePage from '@/pages/GrovePage.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'grove', component: GrovePage },
    {
      path: '/tree/:id',
      name: 'tree',
      component: () => import('@/pages/TreePage.vue'),
      props: true,
    },
    {
      path: '/tree/:id/walk',
      name: 'walk',
      component: () => import('@/pages/WalkPage.vue'),
      props: true,
    },
    {
      path: '/row/:id/walk',
      name: 'row-walk',
      component: () => import('@/pages/RowWalkPage.vue'),
      props: true,
    },
    {
      path: '/tree/:id/plan',
      name: 'plan',
      component: () => import('@/pages/PlanPage.vue'),
      props: true,
    },
    {
      path: '/tree/:id/count',
      name: 'count',
      component: () => import('@/pages/CountPage.vue'),
      props: true,
    },
    {
      path: '/tree/:id/shoot',
      name: 'shoot',
      component: () => import('@/pages/ShootPage.vue'),
      props: true,
    },
    {
      path: '/sheet/:id',
      name: 'sheet',
      component: () => import('@/pages/SheetPage.vue'),
      props: true,
    },
    { path: '/today', name: 'today', component: () => import('@/pages/TodayPage.vue') },
    { path: '/place', name: 'place', component: () => import('@/pages/PlacePage.vue') },
    { path: '/almanac', name: 'almanac', component: () => import('@/pages/AlmanacPage.vue') },
    { path: '/heights', name: 'heights', component: () => import('@/pages/HeightsPage.vue') },
    {
      path: '/tree/:id/heights',
      name: 'tree-heights',
      component: () => import('@/pages/TreeHeightsPage.vue'),
      props: true,
    },
    { path: '/frost', name: 'frost', component: () => import('@/pages/FrostPage.vue') },
    {
      path: '/tree/:id/frost',
      name: 'tree-frost',
      component: () => import('@/pages/TreeFrostPage.vue'),
      props: true,
    },
    { path: '/log', name: 'log', component: () => import('@/pages/LogPage.vue') },
    { path: '/start', name: 'start', component: () => import('@/pages/StartPage.vue') },
    { path: '/known', name: 'known', component: () => import('@/pages/KnownPage.vue') },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
  scrollBehavior: () => ({ top: 0 }),
})
