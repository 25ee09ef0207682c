import { t } from '@/words'
import {
  mdiBookOpenPageVariantOutline,
  mdiCalendarWeekOutline,
  mdiCircleHalfFull,
  mdiCogOutline,
  mdiPotMixOutline,
  mdiSackOutline,
  mdiSchoolOutline,
  mdiThermometerLines,
  mdiTimerSandComplete,
  mdiViewGridOutline,
  mdiWaterOutline,
} from '@mdi/js'
import { createRouter, createWebHistory } from 'vue-router'
import BenchStation from './bench/BenchStation.vue'

/** Stations in working order; the rail and Alt+1…9 follow it, Alt+0 the tenth. */
export const RAIL = [
  { path: '/bench', name: t('Bench'), icon: mdiTimerSandComplete },
  { path: '/week', name: t('Week'), icon: mdiCalendarWeekOutline },
  { path: '/temper', name: t('Temper'), icon: mdiThermometerLines },
  { path: '/fillings', name: t('Fillings'), icon: mdiPotMixOutline },
  { path: '/shells', name: t('Shells'), icon: mdiViewGridOutline },
  { path: '/coats', name: t('Coats'), icon: mdiWaterOutline },
  { path: '/pieces', name: t('Pieces'), icon: mdiCircleHalfFull },
  { path: '/daybook', name: t('Daybook'), icon: mdiBookOpenPageVariantOutline },
  { path: '/larder', name: t('Larder'), icon: mdiSackOutline },
  { path: '/rehearsal', name: t('Practice'), icon: mdiSchoolOutline },
  { path: '/house', name: t('House rules'), icon: mdiCogOutline },
] as const

export const stations = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/bench' },
    { path: '/bench/:id?', component: BenchStation, props: true },
    {
      path: '/week/:tab(orders|people)?',
      component: () => import('./week/WeekStation.vue'),
      props: true,
    },
    {
      path: '/temper/:tab(plan|bowls|back|short)?/:id?',
      component: () => import('./temper/TemperStation.vue'),
      props: true,
    },
    {
      path: '/fillings/:tab(recipe|balance|sugar|cool|mend|layers|size|versions)?/:id?',
      component: () => import('./fillings/FillingsStation.vue'),
      props: true,
    },
    {
      path: '/shells/:tab(colour|thickness|drain|coats|cold|fill|demould|weigh)?',
      component: () => import('./shells/ShellsStation.vue'),
      props: true,
    },
    {
      path: '/coats/:tab(dip|enrobe|slab|pipe|sheet|line|weigh)?',
      component: () => import('./coats/CoatsStation.vue'),
      props: true,
    },
    { path: '/rehearsal', component: () => import('./rehearsal/RehearsalStation.vue') },
    { path: '/begin', component: () => import('./begin/BeginHouse.vue') },
    { path: '/pieces/:id?', component: () => import('./pieces/PiecesStation.vue'), props: true },
    { path: '/daybook/:id?', component: () => import('./daybook/DaybookStation.vue'), props: true },
    {
      path: '/larder/:tab(ingredients|couvertures|colours|moulds)?/:id?',
      component: () => import('./larder/LarderStation.vue'),
      props: true,
    },
    {
      path: '/house/:tab(rules|exchange)?',
      component: () => import('./house/HouseStation.vue'),
      props: true,
    },
    { path: '/:elsewhere(.*)', component: () => import('./NotHere.vue') },
  ],
})

const BEGIN = t('First steps')
/** Each page says where one is: in the tab, in the history, and read out when it changes. */
stations.afterEach((to) => {
  const station = RAIL.find((s) => to.path === s.path || to.path.startsWith(`${s.path}/`))
  const where = station?.name ?? (to.path === '/begin' ? BEGIN : t('Not here'))
  const tab = typeof to.params.tab === 'string' ? to.params.tab : ''
  document.title = [where, tab].filter(Boolean).join(', ') + ' · Palintone'
})
