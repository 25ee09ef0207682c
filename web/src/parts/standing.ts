import type { TemperBowl } from '@/api/client'
import type { Taste } from '@/parts/units'
import { quantity } from '@/parts/units'

/** How a bowl stands against what is being done with it, in words. */
export function standingWords(bowl: TemperBowl, taste: Taste): string {
  const now = bowl.now
  if (!now) return 'not read yet'
  const by = quantity(now.byK, 'KELVIN', taste)
  const phase = bowl.plan?.phases[bowl.plan.at]
  if (!phase) return unplanned(bowl, by)
  switch (now.standing) {
    case 'THERE':
      return THERE[phase.kind]
    case 'ON_THE_WAY':
      return `${ON_THE_WAY[phase.kind]}, ${by} to go`
    case 'PAST': {
      const side = now.temperatureC < phase.band.low ? 'under' : 'over'
      return phase.kind === 'WORK' ? `${by} ${side} the window` : `${by} ${side} where it should be`
    }
    default:
      return 'off the plan: see what to do'
  }
}

type Kind = NonNullable<TemperBowl['plan']>['phases'][number]['kind']
const THERE: Record<Kind, string> = {
  MELT: 'melted: as it should be',
  COOL: 'cooled: as it should be',
  SEED: 'ready for the seed',
  HOLD: 'held: as it should be',
  REWARM: 'rewarmed: in the window',
  WORK: 'in the window',
}
const ON_THE_WAY: Record<Kind, string> = {
  MELT: 'melting',
  COOL: 'cooling',
  SEED: 'falling',
  HOLD: 'settling',
  REWARM: 'rewarming',
  WORK: 'settling',
}

function unplanned(bowl: TemperBowl, by: string): string {
  const now = bowl.now!
  const melted = now.temperatureC >= bowl.melt.low
  switch (now.standing) {
    case 'THERE':
      return melted ? 'melted: as it should be' : 'in the window'
    case 'ON_THE_WAY':
      return now.temperatureC > bowl.work.high
        ? 'between melted and the window'
        : 'under the window'
    case 'PAST':
      return `${by} ${now.temperatureC < bowl.work.low ? 'under' : 'over'} the window`
    default:
      return now.temperatureC > bowl.melt.highLimit ? 'too hot' : 'temper lost'
  }
}
