import { createRouter, createWebHistory, type RouteLocation } from 'vue-router'
import { ready } from './words'

/*
 * alone: a screen of its own on a phone, without the drawing; unfetched: opens without the tree, as
 * where there is no signal.
 */

/** Addresses of earlier versions lead on. */
const tree = (end: string) => (to: RouteLocation) => ({
  path: `/tree/${String(to.params.id)}${end}`,
  query: to.query,
})
const moved = [
  { path: '/', redirect: '/today' },
  { path: '/almanac', redirect: (to: RouteLocation) => ({ path: '/year', query: to.query }) },
  { path: '/log', redirect: '/book' },
  { path: '/tree/:id/walk', redirect: tree('/look') },
  { path: '/tree/:id/shoot', redirect: tree('/look/shoot') },
  { path: '/tree/:id/plan', redirect: tree('/cut') },
  { path: '/tree/:id/count', redirect: tree('/cut/count') },
  { path: '/tree/:id/heights', redirect: tree('/height') },
  { path: '/:rest(.*)*', redirect: '/today' },
]

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/today', name: 'today', component: () => import('@/pages/TodayPage.vue') },
    { path: '/weeks', name: 'weeks', component: () => import('@/pages/WeeksPage.vue') },
    { path: '/months', name: 'months', component: () => import('@/pages/MonthsPage.vue') },
    { path: '/grove', name: 'grove', component: () => import('@/pages/GrovePage.vue') },
    { path: '/year', name: 'year', component: () => import('@/pages/YearPage.vue') },
    { path: '/book', name: 'book', component: () => import('@/pages/BookPage.vue') },
    { path: '/join', name: 'join', component: () => import('@/pages/SignIn.vue') },
    { path: '/report', name: 'report', component: () => import('@/pages/ReportPage.vue') },
    { path: '/people', name: 'people', component: () => import('@/pages/PeoplePage.vue') },
    { path: '/more', name: 'more', component: () => import('@/pages/MorePage.vue') },
    {
      path: '/tree/:id/trace',
      name: 'trace',
      component: () => import('@/pages/TracePage.vue'),
      props: true,
    },
    {
      path: '/tree/:id/rehearse',
      name: 'rehearse',
      component: () => import('@/pages/RehearsePage.vue'),
      props: true,
    },
    {
      path: '/tree/:id',
      name: 'tree',
      component: () => import('@/pages/TreePage.vue'),
      props: true,
      children: [
        { path: '', name: 'tree-now', component: () => import('@/pages/tree/NowPanel.vue') },
        {
          path: 'look',
          name: 'tree-look',
          component: () => import('@/pages/walk/LookPanel.vue'),
          props: true,
          meta: { alone: true, unfetched: true },
        },
        {
          path: 'look/shoot',
          name: 'tree-shoot',
          component: () => import('@/pages/walk/ShootPanel.vue'),
          props: true,
          meta: { alone: true, unfetched: true },
        },
        {
          path: 'cut',
          name: 'tree-cuts',
          component: () => import('@/pages/tree/CutPanel.vue'),
          props: true,
          children: [
            { path: '', name: 'tree-cut', component: () => import('@/pages/plan/PlanPanel.vue') },
            {
              path: 'marks',
              name: 'tree-marks',
              component: () => import('@/pages/tree/MarksPanel.vue'),
            },
            {
              path: 'count',
              name: 'tree-count',
              component: () => import('@/pages/tree/CountPanel.vue'),
            },
          ],
        },
        {
          path: 'height',
          name: 'tree-height',
          component: () => import('@/pages/heights/TreeHeightPanel.vue'),
          props: true,
        },
        {
          path: 'frost',
          name: 'tree-frost',
          component: () => import('@/pages/frost/TreeFrostPanel.vue'),
          props: true,
          meta: { unfetched: true },
        },
        {
          path: 'record',
          name: 'tree-record',
          component: () => import('@/pages/tree/RecordPanel.vue'),
        },
        {
          path: 'limbs',
          name: 'tree-limbs',
          component: () => import('@/pages/tree/LimbsPage.vue'),
        },
      ],
    },
    ...(['block', 'row'] as const).map((of) => ({
      path: `/${of}/:id/:part(trees|height|frost|record)?`,
      name: of,
      component: () => import('@/pages/StandPage.vue'),
      props: (to: RouteLocation) => ({ id: to.params.id, of, part: to.params.part || undefined }),
    })),
    {
      path: '/row/:id/walk',
      name: 'row-walk',
      component: () => import('@/pages/RowWalkPage.vue'),
      props: true,
    },
    {
      path: '/sheet/:id',
      name: 'sheet',
      component: () => import('@/pages/SheetPage.vue'),
      props: true,
    },
    { path: '/start', name: 'start', component: () => import('@/pages/StartPage.vue') },
    { path: '/place', name: 'place', component: () => import('@/pages/PlacePage.vue') },
    { path: '/heights', name: 'heights', component: () => import('@/pages/HeightsPage.vue') },
    { path: '/frost', name: 'frost', component: () => import('@/pages/FrostPage.vue') },
    { path: '/phone', name: 'phone', component: () => import('@/pages/PhonePage.vue') },
    { path: '/practice', name: 'practice', component: () => import('@/pages/PracticePage.vue') },
    {
      path: '/practice/:id',
      name: 'lesson',
      component: () => import('@/pages/LessonPage.vue'),
      props: true,
    },
    { path: '/help', name: 'help', component: () => import('@/pages/HelpPage.vue') },
    { path: '/known', name: 'known', component: () => import('@/pages/KnownPage.vue') },
    ...moved,
  ],
  scrollBehavior: (to, from) =>
    to.matched[0] === from.matched[0] && to.params.id === from.params.id ? false : { top: 0 },
})

// what a page says is here before it is shown
router.beforeResolve(ready)
