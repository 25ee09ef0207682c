import type { Needs } from '@/api/client'

/** What a batch needs for which a bowl is brought into temper. */
export type Tempered = Needs & Required<Pick<Needs, 'temper' | 'work' | 'melt'>>
