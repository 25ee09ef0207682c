import { t } from '@/words'
import type { Mould, MouldDraft, MouldShape } from '@/api/client'

type Ask = MouldShape['asks'][number]['ask']

/** A mould being written: numbers may still be missing. */
export interface MouldInForm {
  name: string
  shape: MouldShape['shape']
  lengthMm: number | null
  widthMm: number | null
  depthMm: number | null
  floorMm: number | null
  draftDegrees: number | null
  waterG: number | null
  waterC: number | null
  outline: { acrossMm: number; downMm: number }[]
  cavities: number | null
  unlike: number | null
  rows: number | null
  owned: number | null
  material: Mould['material']
  build: Mould['build']
  wallMm: number | null
  scratched: boolean
  lastHeld: Mould['lastHeld']
}

/** Where the number of each measure stands. */
export const FIELD_OF: Record<Exclude<Ask, 'OUTLINE'>, keyof MouldInForm & keyof MouldDraft> = {
  LENGTH: 'lengthMm',
  WIDTH: 'widthMm',
  DEPTH: 'depthMm',
  FLOOR: 'floorMm',
  DRAFT: 'draftDegrees',
  WATER: 'waterG',
  WATER_WARMTH: 'waterC',
}

const PROFILE = [
  { acrossMm: 15, downMm: 0 },
  { acrossMm: 14, downMm: 7 },
  { acrossMm: 9, downMm: 14 },
  { acrossMm: 0, downMm: 16 },
]
const OPENING = [
  { acrossMm: -18, downMm: 0 },
  { acrossMm: -9, downMm: -14 },
  { acrossMm: 9, downMm: -14 },
  { acrossMm: 18, downMm: 0 },
  { acrossMm: 9, downMm: 14 },
  { acrossMm: -9, downMm: 14 },
]

export function begun(mould: Mould | null): MouldInForm {
  if (!mould) {
    return {
      name: '',
      shape: 'HALF_SPHERE',
      lengthMm: 28,
      widthMm: null,
      depthMm: null,
      floorMm: null,
      draftDegrees: null,
      waterG: null,
      waterC: null,
      outline: [],
      cavities: 24,
      unlike: null,
      rows: 4,
      owned: 1,
      material: 'POLYCARBONATE',
      build: 'OPEN',
      wallMm: 2,
      scratched: false,
      lastHeld: [],
    }
  }
  return {
    name: mould.name,
    shape: mould.shape,
    lengthMm: mould.lengthMm || null,
    widthMm: mould.widthMm || null,
    depthMm: mould.depthMm,
    floorMm: mould.floorMm || null,
    draftDegrees: mould.draftDegrees,
    waterG: mould.waterG || null,
    waterC: mould.waterC || null,
    outline: mould.outline,
    cavities: mould.cavities,
    unlike: mould.unlike || null,
    rows: mould.rows,
    owned: mould.owned,
    material: mould.material,
    build: mould.build,
    wallMm: mould.wallMm,
    scratched: mould.scratched,
    lastHeld: mould.lastHeld,
  }
}

/** What another shape asks for begins with a usual value; what was measured stays. */
export function ofShape(form: MouldInForm, shape: MouldShape): MouldInForm {
  const next: MouldInForm = { ...form, shape: shape.shape }
  for (const asked of shape.asks) {
    if (asked.ask === 'OUTLINE') {
      const drawn = form.shape === shape.shape && form.outline.length > 0
      next.outline = drawn ? form.outline : shape.shape === 'TURNED' ? PROFILE : OPENING
    } else if (next[FIELD_OF[asked.ask]] === null) {
      Object.assign(next, { [FIELD_OF[asked.ask]]: asked.usual })
    }
  }
  return next
}

/** What still has to be said; empty when it can be asked of the server. */
export function missing(form: MouldInForm, shape: MouldShape | undefined): string {
  const open = shape?.asks.find((a) => a.ask !== 'OUTLINE' && form[FIELD_OF[a.ask]] === null)
  if (open) return t('{words} is missing.', { words: open.words })
  if (!shape) return t('Looking up the shapes …')
  if (form.cavities === null) return t('How many cavities it has is missing.')
  if (form.rows === null) return t('How many rows they lie in is missing.')
  if (form.owned === null) return t('How many of them there are is missing.')
  return form.wallMm === null ? t('The wall of the mould is missing.') : ''
}

export function draftOf(form: MouldInForm, version: number | null): MouldDraft {
  return {
    ...form,
    name: form.name.trim(),
    cavities: form.cavities ?? 0,
    rows: form.rows ?? 0,
    owned: form.owned ?? 0,
    wallMm: form.wallMm ?? 0,
    version,
  }
}

export const MATERIALS: { id: Mould['material']; words: string }[] = [
  { id: 'POLYCARBONATE', words: t('polycarbonate') },
  { id: 'THERMOFORMED', words: t('thermoformed') },
  { id: 'SILICONE', words: t('silicone') },
]
export const BUILDS: { id: Mould['build']; words: string }[] = [
  { id: 'OPEN', words: t('open') },
  { id: 'MAGNETIC_PAIR', words: t('magnetic, with a plate') },
  { id: 'CLOSING_HALVES', words: t('two closing halves') },
]
