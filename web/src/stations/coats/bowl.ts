import { useStorage } from '@vueuse/core'

/** The bowl that is dipped from or spread: every tab of the station is about the same. */
export interface CoatBowl {
  couverture: string
  bowlC: number | null
  stablePercent: number | null
  roomC: number | null
}

export const useCoatBowl = () =>
  useStorage<CoatBowl>(
    'palintone.coats.of',
    { couverture: '', bowlC: null, stablePercent: null, roomC: null },
    undefined,
    { mergeDefaults: true },
  )
