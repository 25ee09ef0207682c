import { t } from '@/words'
import type { TemperBowl } from '@/api/client'
import type { Taste } from '@/parts/units'
import { quantity } from '@/parts/units'

/** How a bowl stands against what is being done with it, in words. */
export function standingWords(bowl: TemperBowl, taste: Taste): string {
  const now = bowl.now
  if (!now) return t('not read yet')
  const by = quantity(now.byK, 'KELVIN', taste)
  const phase = bowl.plan?.phases[bowl.plan.at]
  if (!phase) return unplanned(bowl, by)
  switch (now.standing) {
    case 'THERE':
      return THERE[phase.kind]
    case 'ON_THE_WAY':
      return t('{onTheWay}, {by} to go', { onTheWay: ON_THE_WAY[phase.kind], by })
    case 'PAST': {
      const side = now.temperatureC < phase.band.low ? t('under') : t('over')
      return phase.kind === 'WORK'
        ? t('{by} {side} the window', { by, side })
        : t('{by} {side} where it should be', { by, side })
    }
    default:
      return t('off the plan: see what to do')
  }
}

type Kind = NonNullable<TemperBowl['plan']>['phases'][number]['kind']
const THERE: Record<Kind, string> = {
  MELT: t('melted: as it should be'),
  COOL: t('cooled: as it should be'),
  SEED: t('ready for the seed'),
  HOLD: t('held: as it should be'),
  REWARM: t('rewarmed: in the window'),
  WORK: t('in the window'),
}
const ON_THE_WAY: Record<Kind, string> = {
  MELT: t('melting'),
  COOL: t('cooling'),
  SEED: t('falling'),
  HOLD: t('settling'),
  REWARM: t('rewarming'),
  WORK: t('settling'),
}

function unplanned(bowl: TemperBowl, by: string): string {
  const now = bowl.now!
  const melted = now.temperatureC >= bowl.melt.low
  switch (now.standing) {
    case 'THERE':
      return melted ? t('melted: as it should be') : t('in the window')
    case 'ON_THE_WAY':
      return now.temperatureC > bowl.work.high
        ? t('between melted and the window')
        : t('under the window')
    case 'PAST':
      return t('{by} {temperatureC} the window', {
        by,
        temperatureC: now.temperatureC < bowl.work.low ? t('under') : t('over'),
      })
    default:
      return now.temperatureC > bowl.melt.highLimit ? t('too hot') : t('temper lost')
  }
}
