import { useStorage } from '@vueuse/core'
import type { components } from '@/api/schema'
import { t } from '@/words'

export type CastRequest = components['schemas']['CastRequest']
export type Vibration = NonNullable<CastRequest['vibration']>
export type Asked = CastRequest['asked']

export const VIBRATIONS: { id: Vibration; words: string }[] = [
  { id: 'NONE', words: t('left still') },
  { id: 'TAPPED', words: t('tapped') },
  { id: 'TABLE', words: t('vibrating table') },
]

export interface Casting {
  couverture: string
  mould: string
  bowlC: number | null
  stablePercent: number | null
  mouldC: number | null
  roomC: number | null
  vibration: Vibration
  drainS: number | null
  rockedDegrees: number | null
  asked: Asked
  waitS: number | null
  meanMm: number | null
  massG: number | null
}

/** What was cast last stays: every tab of the station is about the same shell. */
export const useCasting = () =>
  useStorage<Casting>(
    // The bowl of this house where nothing is typed: what was kept before always said one per cent.
    'palintone.shells.order',
    {
      couverture: '',
      mould: '',
      bowlC: null,
      stablePercent: null,
      mouldC: null,
      roomC: null,
      vibration: 'TAPPED',
      drainS: 20,
      rockedDegrees: 0,
      asked: 'WAIT',
      waitS: 60,
      meanMm: 1.6,
      massG: 2,
    },
    undefined,
    { mergeDefaults: true },
  )

/** As it is asked of the server; nothing before a couverture, a mould and a number are there. */
export function request(casting: Casting): CastRequest | null {
  const value = { WAIT: casting.waitS, MEAN: casting.meanMm, MASS: casting.massG }[casting.asked]
  if (!casting.couverture || !casting.mould || value === null) return null
  return {
    couverture: casting.couverture,
    mould: casting.mould,
    fluidity: null,
    bowlC: casting.bowlC,
    stablePercent: casting.stablePercent,
    mouldC: casting.mouldC,
    roomC: casting.roomC,
    vibration: casting.vibration,
    drainS: casting.drainS,
    rockedDegrees: casting.rockedDegrees,
    asked: casting.asked,
    value,
  }
}
