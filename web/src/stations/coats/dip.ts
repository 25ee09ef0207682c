import { useStorage } from '@vueuse/core'
import type { components } from '@/api/schema'
import { known } from '@/parts/shelf'
import type { CoatBowl } from './bowl'

type DipRequest = components['schemas']['DipRequest']
export type Powder = NonNullable<DipRequest['powder']>

/** How centres are dipped: dipped from and weighed in two tabs, and the same in both. */
export const useDip = () =>
  useStorage(
    'palintone.coats.dip',
    {
      shape: 'BLOCK' as 'BALL' | 'BLOCK',
      filling: '',
      massG: 12 as number | null,
      lengthMm: 25 as number | null,
      widthMm: 25 as number | null,
      heightMm: 12 as number | null,
      centreC: 18 as number | null,
      underS: 2 as number | null,
      by: 'TAPPED' as 'TAPPED' | 'WANTED',
      tappedS: 6 as number | null,
      wantedG: 4 as number | null,
      blown: true,
      pieces: 40 as number | null,
      everyS: 10 as number | null,
      bowlG: null as number | null,
      powder: '' as '' | Powder,
    },
    undefined,
    { mergeDefaults: true },
  )

/** What is asked of the server; nothing while a number is missing. */
export function dipRequest(
  bowl: CoatBowl,
  d: ReturnType<typeof useDip>['value'],
  fillings: { id: string; name: string }[],
): DipRequest | null {
  const { couverture, bowlC, stablePercent, roomC } = bowl
  const asked = d.by === 'WANTED' ? d.wantedG : d.tappedS
  const sizes = d.shape === 'BALL' ? [d.massG] : [d.lengthMm, d.widthMm, d.heightMm]
  if (!couverture || d.centreC === null || asked === null || sizes.includes(null)) return null
  return {
    couverture,
    fluidity: null,
    bowlC,
    stablePercent,
    roomC,
    centre: {
      shape: d.shape,
      filling: known(fillings, d.filling),
      massG: d.shape === 'BALL' ? d.massG : null,
      lengthMm: d.shape === 'BLOCK' ? d.lengthMm : null,
      widthMm: d.shape === 'BLOCK' ? d.widthMm : null,
      heightMm: d.shape === 'BLOCK' ? d.heightMm : null,
    },
    centreC: d.centreC,
    underS: d.underS,
    tappedS: d.by === 'TAPPED' ? d.tappedS : null,
    wantedG: d.by === 'WANTED' ? d.wantedG : null,
    blown: d.blown,
    pieces: d.pieces,
    everyS: d.everyS,
    bowlG: d.bowlG,
    powder: d.powder || null,
  }
}
