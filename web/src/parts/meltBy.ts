import type { components } from '@/api/schema'

export type MeltKind = NonNullable<components['schemas']['CurveRequest']['meltBy']>

/** Where a maker would set it; bursts are of the heat in the House rules. */
export const MELT_USUAL: Record<MeltKind, number | null> = {
  BURSTS: null,
  HEAT_GUN: 1500,
  WATER_BATH: 60,
  OVEN: 60,
}
