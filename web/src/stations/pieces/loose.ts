import { t } from '@/words'
import type { ColourStock, LooseDraft, LoosePiece } from '@/api/client'
import { missingWorn, wornDraft, wornOf, type WornInForm } from './worn'

export type LooseKind = LoosePiece['kind']
type Asked<Kind extends LooseKind> = Extract<LoosePiece, { kind: Kind }>['asked']
type Centre = Asked<'DIPPED'>['centre']
type Joining = NonNullable<Asked<'HOLLOW'>['joining']>
type Pattern = NonNullable<Asked<'SHEET'>['secondPattern']>
type Standing = NonNullable<Asked<'HOLLOW'>['baseStanding']>
type End = NonNullable<Asked<'DIPPED'>['secondEnd']>
type On = NonNullable<Asked<'DIPPED'>['on']>[number]

/** A centre being written: numbers may still be missing. */
export interface CentreInForm {
  filling: string
  shape: Centre['shape']
  massG: number | null
  lengthMm: number | null
  widthMm: number | null
  heightMm: number | null
  forming: Centre['forming']
  bottomMm: number | null
}

export interface OnInForm {
  ingredient: string
  eachG: number | null
  placing: On['placing']
}

/** A piece that is dipped, rolled, hollow or cut out of a sheet, being written. */
export interface LooseInForm {
  kind: LooseKind
  name: string
  story: string
  couverture: string
  mould: string
  centre: CentreInForm
  coatMm: number | null
  twice: boolean
  dippedPercent: number | null
  secondMm: number | null
  secondEnd: End
  on: OnInForm[]
  plate: string | null
  shellMm: number | null
  parts: number
  joining: Joining
  based: boolean
  baseAcrossMm: number | null
  baseThickMm: number | null
  baseStanding: Standing
  baseOfSecond: boolean
  outer: boolean
  outerMm: number | null
  outerBrushed: boolean
  thickMm: number | null
  lengthMm: number | null
  widthMm: number | null
  round: boolean
  roundMm: number | null
  holeMm: number | null
  beside: boolean
  besideRounds: number | null
  stripMm: number | null
  stripAcrossMm: number | null
  plateLengthMm: number | null
  plateWidthMm: number | null
  secondCouverture: string | null
  secondPercent: number | null
  secondPattern: Pattern
  worn: WornInForm
  labelG: number | null
}

export const TITLES: Record<LooseKind, string> = {
  DIPPED: t('A dipped piece'),
  ROLLED: t('A rolled piece'),
  HOLLOW: t('A hollow figure'),
  SHEET: t('Plates of a sheet'),
}

export const FORMINGS: { id: CentreInForm['forming']; words: string; shape: Centre['shape'] }[] = [
  { id: 'CUT', words: t('cut from a slab'), shape: 'BLOCK' },
  { id: 'FROZEN', words: t('spread, frozen and cut'), shape: 'BLOCK' },
  { id: 'PIPED', words: t('piped'), shape: 'BALL' },
  { id: 'ROPED', words: t('piped in ropes, cut by length'), shape: 'LOG' },
  { id: 'SCOOPED', words: t('scooped'), shape: 'BALL' },
  { id: 'ROLLED', words: t('rolled by hand'), shape: 'BALL' },
  { id: 'SHAPED', words: t('shaped by hand'), shape: 'BALL' },
]

/** The numbers a shape is written by. */
const SIZES = {
  BALL: ['massG'],
  BLOCK: ['lengthMm', 'widthMm', 'heightMm'],
  LOG: ['lengthMm', 'widthMm'],
} as const

export const JOININGS: { id: Joining; words: string }[] = [
  { id: 'WARM_PLATE', words: t('rims melted on a warm plate') },
  { id: 'CHOCOLATE', words: t('a seam of chocolate') },
  { id: 'CLOSED_MOULD', words: t('cast as one in a closed mould') },
]

export const STANDINGS: { id: Standing; words: string }[] = [
  { id: 'SOFT', words: t('set into it while it is soft') },
  { id: 'GLUED', words: t('cast before and glued on') },
]

export const PATTERNS: { id: Pattern; words: string }[] = [
  { id: 'LINES', words: t('lines piped on the film first') },
  { id: 'MARBLED', words: t('drizzled over and drawn through') },
  { id: 'BESIDE', words: t('spread side by side') },
  { id: 'FILM', words: t('a film of it first, the other over it') },
  { id: 'COMBED', words: t('a film of it combed through, the other over it') },
]

export const ENDS: { id: End; words: string }[] = [
  { id: 'BELOW', words: t('its lower part') },
  { id: 'TOP', words: t('its top') },
]

/** Where something may be on a piece of this kind. */
export const PLACES: Record<LooseKind, { id: On['placing']; words: string }[]> = {
  DIPPED: [
    { id: 'ROLLED_IN', words: t('rolled in it') },
    { id: 'ON_THE_BACK', words: t('laid on it') },
    { id: 'SET_IN', words: t('in its middle') },
  ],
  ROLLED: [
    { id: 'ROLLED_IN', words: t('rolled in it') },
    { id: 'SET_IN', words: t('in its middle') },
  ],
  HOLLOW: [],
  SHEET: [{ id: 'ON_THE_BACK', words: t('strewn on it') }],
}

function centreOf(asked?: Centre): CentreInForm {
  return {
    filling: asked?.filling ?? '',
    shape: asked?.shape ?? 'BALL',
    massG: asked ? (asked.massG ?? null) : 10,
    lengthMm: asked ? (asked.lengthMm ?? null) : 25,
    widthMm: asked ? (asked.widthMm ?? null) : 25,
    heightMm: asked ? (asked.heightMm ?? null) : 11,
    forming: asked?.forming ?? 'ROLLED',
    bottomMm: asked?.bottomMm ?? 0,
  }
}

type AnyAsked = Partial<
  Omit<Asked<'DIPPED'>, 'kind'> & Omit<Asked<'HOLLOW'>, 'kind'> & Omit<Asked<'SHEET'>, 'kind'>
>

export function begun(kind: LooseKind, piece: LoosePiece | null): LooseInForm {
  // Every field that any kind asks for; those of the others stay as they begin.
  const asked = piece?.asked as AnyAsked | undefined
  return {
    kind,
    name: asked?.name ?? '',
    story: asked?.story ?? '',
    couverture: asked?.couverture ?? '',
    mould: asked?.mould ?? '',
    centre: centreOf(asked?.centre),
    coatMm: asked?.coatMm ?? 1.2,
    twice: asked?.twice ?? false,
    dippedPercent: asked?.dippedPercent ?? 100,
    on: (asked?.on ?? []).map(({ ingredient, eachG, placing }) => ({ ingredient, eachG, placing })),
    plate: asked?.plate ?? null,
    shellMm: asked?.shellMm ?? 3,
    parts: asked?.parts ?? 2,
    joining: asked?.joining ?? 'WARM_PLATE',
    based: Boolean(asked?.baseAcrossMm),
    baseAcrossMm: asked?.baseAcrossMm ?? 70,
    baseThickMm: asked?.baseThickMm ?? 5,
    baseStanding: asked?.baseStanding ?? 'GLUED',
    baseOfSecond: asked?.baseOfSecond ?? false,
    outer: asked?.secondCouverture ? Boolean(asked.outerMm) : true,
    outerMm: asked?.outerMm ?? 1.5,
    outerBrushed: asked?.outerMm ? (asked.outerBrushed ?? false) : true,
    thickMm: asked?.thickMm ?? 0.8,
    lengthMm: asked?.lengthMm ?? 400,
    widthMm: asked?.widthMm ?? 300,
    round: Boolean(asked?.roundMm),
    roundMm: asked?.roundMm ?? 40,
    holeMm: asked?.holeMm ?? null,
    beside: Boolean(asked?.besideRounds),
    besideRounds: asked?.besideRounds ?? 24,
    stripMm: asked?.stripMm ?? 60,
    stripAcrossMm: asked?.stripAcrossMm ?? 10,
    plateLengthMm: asked?.plateLengthMm ?? 60,
    plateWidthMm: asked?.plateWidthMm ?? 40,
    secondCouverture: asked?.secondCouverture ?? null,
    secondPercent: asked?.secondPercent ?? (kind === 'DIPPED' ? 50 : 20),
    secondMm: asked?.secondMm ?? 1,
    secondEnd: asked?.secondEnd ?? 'BELOW',
    secondPattern: asked?.secondPattern ?? 'LINES',
    worn: wornOf(piece),
    labelG: asked?.labelG ?? null,
  }
}

/** Whether this kind is around a centre. */
export const centred = (kind: LooseKind) => kind === 'DIPPED' || kind === 'ROLLED'

const NUMBER = t('Every number of it wants a value.')

function missingCentre({ centre }: LooseInForm): string {
  if (!centre.filling) return t('Choose a filling.')
  return SIZES[centre.shape].some((size) => centre[size] === null) ? NUMBER : ''
}

function missingOwn(form: LooseInForm): string {
  switch (form.kind) {
    case 'DIPPED':
      return (
        missingCentre(form) ||
        (form.coatMm === null ||
        (form.secondCouverture && [form.secondMm, form.secondPercent].includes(null))
          ? NUMBER
          : '')
      )
    case 'ROLLED':
      return missingCentre(form) || (form.on.length ? '' : t('Say what it is rolled in.'))
    case 'HOLLOW':
      if (!form.mould) return t('Choose a mould.')
      return form.shellMm === null ||
        (form.secondCouverture && form.outer && form.outerMm === null) ||
        (form.based && (form.baseAcrossMm === null || form.baseThickMm === null))
        ? NUMBER
        : ''
    case 'SHEET':
      return [form.thickMm, form.lengthMm, form.widthMm].includes(null) ||
        (form.secondCouverture ? [form.secondPercent] : []).includes(null) ||
        (form.round && form.beside
          ? [form.besideRounds, form.stripMm, form.stripAcrossMm]
          : []
        ).includes(null) ||
        (form.round ? [form.roundMm] : [form.plateLengthMm, form.plateWidthMm]).includes(null)
        ? NUMBER
        : ''
  }
}

/** What still has to be said before it can be drawn; empty when it can. */
export function missing(form: LooseInForm): string {
  if (form.kind !== 'ROLLED' && !form.couverture) return t('Choose a couverture.')
  if (form.on.some((i) => !i.ingredient || i.eachG === null))
    return t('Every line wants an ingredient and grams.')
  return missingOwn(form) || missingWorn(form.worn)
}

function centreDraft({ centre }: LooseInForm): Centre {
  const sizes: readonly string[] = SIZES[centre.shape]
  const asked = (size: 'massG' | 'lengthMm' | 'widthMm' | 'heightMm') =>
    sizes.includes(size) ? centre[size] : null
  return {
    filling: centre.filling,
    shape: centre.shape,
    massG: asked('massG'),
    lengthMm: asked('lengthMm'),
    widthMm: asked('widthMm'),
    heightMm: asked('heightMm'),
    forming: centre.forming,
    bottomMm: centre.shape === 'BLOCK' ? (centre.bottomMm ?? 0) : 0,
  }
}

export function draftOf(
  form: LooseInForm,
  version: number | null,
  colours: ColourStock[] = [],
): LooseDraft {
  const worn = wornDraft(form.worn, colours)
  const common = {
    name: form.name.trim(),
    story: form.story.trim() || TITLES[form.kind],
    finishes: worn.finishes,
    labelG: form.labelG,
    version,
  }
  const on = form.on.map((i): On => ({ ...i, eachG: i.eachG ?? 0 }))
  switch (form.kind) {
    case 'DIPPED':
      return {
        ...common,
        kind: 'DIPPED',
        couverture: form.couverture,
        centre: centreDraft(form),
        coatMm: form.coatMm ?? 0,
        twice: form.twice,
        dippedPercent: form.dippedPercent,
        secondCouverture: form.secondCouverture || null,
        secondMm: form.secondCouverture ? form.secondMm : null,
        secondPercent: form.secondCouverture ? form.secondPercent : null,
        secondEnd: form.secondCouverture ? form.secondEnd : null,
        on,
        plate: form.plate || null,
      }
    case 'ROLLED':
      return { ...common, kind: 'ROLLED', centre: centreDraft(form), on }
    case 'HOLLOW':
      return {
        ...common,
        kind: 'HOLLOW',
        mould: form.mould,
        couverture: form.couverture,
        colours: worn.colours,
        shellMm: form.shellMm ?? 0,
        parts: form.parts,
        joining: form.joining,
        baseAcrossMm: form.based ? form.baseAcrossMm : null,
        baseThickMm: form.based ? form.baseThickMm : null,
        baseStanding: form.based ? form.baseStanding : null,
        secondCouverture: form.secondCouverture || null,
        outerMm: form.secondCouverture && form.outer ? form.outerMm : null,
        outerBrushed: Boolean(form.secondCouverture && form.outer && form.outerBrushed),
        baseOfSecond: Boolean(form.secondCouverture && form.based && form.baseOfSecond),
      }
    case 'SHEET':
      return {
        ...common,
        kind: 'SHEET',
        couverture: form.couverture,
        thickMm: form.thickMm ?? 0,
        lengthMm: form.lengthMm ?? 0,
        widthMm: form.widthMm ?? 0,
        roundMm: form.round ? form.roundMm : null,
        holeMm: form.round ? form.holeMm : null,
        besideRounds: form.round && form.beside ? Math.round(form.besideRounds ?? 0) : null,
        stripMm: form.round && form.beside ? form.stripMm : null,
        stripAcrossMm: form.round && form.beside ? form.stripAcrossMm : null,
        plateLengthMm: form.round ? null : form.plateLengthMm,
        plateWidthMm: form.round ? null : form.plateWidthMm,
        secondCouverture: form.secondCouverture || null,
        secondPercent: form.secondCouverture ? form.secondPercent : null,
        secondPattern: form.secondCouverture ? form.secondPattern : null,
        on,
      }
  }
}
