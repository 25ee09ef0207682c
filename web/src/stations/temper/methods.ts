import type { Method } from '@/api/client'

/** Methods in the order makers learn them. */
export const METHODS: { id: Method; words: string }[] = [
  { id: 'TABLING', words: 'Tabling on the stone' },
  { id: 'SEED_THIRD', words: 'Seed, a third' },
  { id: 'SEED_FEW', words: 'Seed, a few per cent' },
  { id: 'SEED_UNDERCOOL', words: 'Seed, undercool, rewarm' },
  { id: 'COLD_BATH', words: 'Cold bath' },
  { id: 'KEEP_TEMPER', words: 'Gentle melt, temper kept' },
  { id: 'KETTLE', words: 'Melting kettle' },
]

export const VESSELS = [
  { id: 'STEEL_BOWL', words: 'Steel bowl' },
  { id: 'GLASS_BOWL', words: 'Glass bowl' },
  { id: 'PLASTIC_BOWL', words: 'Plastic bowl' },
  { id: 'MELTER', words: 'Melter' },
] as const

export const FLUIDITIES = [
  { id: 'VERY_THICK', words: 'very thick: ganache' },
  { id: 'THICK', words: 'thick: bars, hollow figures' },
  { id: 'MEDIUM', words: 'medium: shells, dipping' },
  { id: 'THIN', words: 'thin: fine shells' },
  { id: 'VERY_THIN', words: 'very thin: spraying' },
] as const
