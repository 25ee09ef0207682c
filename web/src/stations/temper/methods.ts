import { t } from '@/words'
import type { Method } from '@/api/client'

/** Methods in the order makers learn them. */
export const METHODS: { id: Method; words: string }[] = [
  { id: 'TABLING', words: t('Tabling on the stone') },
  { id: 'SEED_THIRD', words: t('Seed, a third') },
  { id: 'SEED_FEW', words: t('Seed, a few per cent') },
  { id: 'SEED_UNDERCOOL', words: t('Seed, undercool, rewarm') },
  { id: 'COLD_BATH', words: t('Cold bath') },
  { id: 'COLD_BATH_QUICK', words: t('Cold bath, up at once') },
  { id: 'KEEP_TEMPER', words: t('Gentle melt, temper kept') },
  { id: 'KETTLE', words: t('Melting kettle') },
]

export const VESSELS = [
  { id: 'STEEL_BOWL', words: t('Steel bowl') },
  { id: 'GLASS_BOWL', words: t('Glass bowl') },
  { id: 'PLASTIC_BOWL', words: t('Plastic bowl') },
  { id: 'MELTER', words: t('Melter') },
] as const

export const FLUIDITIES = [
  { id: 'VERY_THICK', words: t('very thick: ganache') },
  { id: 'THICK', words: t('thick: bars, hollow figures') },
  { id: 'MEDIUM', words: t('medium: shells, dipping') },
  { id: 'THIN', words: t('thin: fine shells') },
  { id: 'VERY_THIN', words: t('very thin: spraying') },
] as const

/** Whether a bowl stands in cold water by this method. */
export const inWater = (method: Method | '') => method.startsWith('COLD_BATH')
