import type { Ingredient } from '@/api/client'

export type Component = keyof Ingredient['gramsPer100']

/** What an ingredient may be made of, in the order of a label. */
export const COMPONENTS: [string, string][] = [
  ['WATER', 'water'],
  ['COCOA_BUTTER', 'cocoa butter'],
  ['MILK_FAT', 'milk fat'],
  ['LIQUID_OIL', 'liquid oil'],
  ['LAURIC_FAT', 'lauric fat'],
  ['OTHER_FAT', 'other solid fat'],
  ['SUCROSE', 'sucrose'],
  ['GLUCOSE', 'glucose'],
  ['FRUCTOSE', 'fructose'],
  ['LACTOSE', 'lactose'],
  ['MALTOSE', 'maltose'],
  ['HIGHER_SACCHARIDES', 'higher saccharides'],
  ['SORBITOL', 'sorbitol'],
  ['GLYCEROL', 'glycerol'],
  ['PROTEIN', 'protein'],
  ['STARCH', 'starch'],
  ['FIBRE', 'fibre'],
  ['COCOA_SOLIDS', 'fat-free cocoa solids'],
  ['MILK_SOLIDS', 'milk solids non-fat'],
  ['ASH', 'ash'],
  ['ORGANIC_ACID', 'organic acid'],
  ['ETHANOL', 'ethanol'],
]
