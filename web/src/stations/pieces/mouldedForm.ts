import { t } from '@/words'
import type { ColourStock, MouldedPiece, MouldedPieceDraft } from '@/api/client'
import { missingWorn, wornDraft, wornOf, type WornInForm } from './worn'

/** By what a layer is measured. */
export type By = 'REST' | 'SHARE' | 'GRAMS' | 'HEIGHT'

export interface LayerInForm {
  filling: string
  by: By
  /** Per cent, grams or millimetres; none where it takes the rest. */
  amount: number | null
  inserts: { ingredient: string; eachG: number | null }[]
  /** Couverture over it before the next goes in, mm; null where that lies on it bare. */
  sealMm: number | null
  /** Another filling in the middle of it; null where there is none. */
  inside: string | null
  insideG: number | null
  /** Stirred into it, where it is a part of a base: grams to 100 g of that. */
  flavours: { ingredient: string; per100G: number | null }[]
}

/** A filled piece being written: numbers may still be missing. */
export interface MouldedInForm {
  name: string
  story: string
  mould: string
  couverture: string
  /** Of the cap, where it is another; else null. */
  capCouverture: string | null
  /** How two filled halves become one; null for one cavity. */
  joined: MouldedPiece['joined'] | null
  /** Joined as they are filled, with no cap between. */
  uncapped: boolean
  shellMm: number | null
  headRoomMm: number | null
  layers: LayerInForm[]
  worn: WornInForm
  labelG: number | null
}

export const BYS: { id: By; words: string; unit: 'PERCENT' | 'GRAM' | 'MILLIMETRE' | null }[] = [
  { id: 'REST', words: t('fills the rest'), unit: null },
  { id: 'GRAMS', words: t('by grams'), unit: 'GRAM' },
  { id: 'HEIGHT', words: t('by height'), unit: 'MILLIMETRE' },
  { id: 'SHARE', words: t('by share'), unit: 'PERCENT' },
]

export function newLayer(by: By): LayerInForm {
  return {
    filling: '',
    by,
    amount: null,
    inserts: [],
    sealMm: null,
    inside: null,
    insideG: null,
    flavours: [],
  }
}

export function begun(piece: MouldedPiece | null): MouldedInForm {
  return {
    name: piece?.name ?? '',
    story: piece?.story ?? '',
    mould: piece?.mouldId ?? '',
    couverture: piece?.couvertureId ?? '',
    capCouverture: piece?.capCouvertureId ?? null,
    joined: piece?.joined ?? null,
    uncapped: piece?.uncapped ?? false,
    shellMm: piece?.shellMm ?? 1.8,
    headRoomMm: piece?.headRoomMm ?? 1.8,
    layers: piece?.layers.map(layerOf) ?? [newLayer('REST')],
    worn: wornOf(piece),
    labelG: piece?.labelG ?? null,
  }
}

/** Layers that were only tried, as the beginning of a piece. */
export function fromTried(text: string): Partial<MouldedInForm> {
  try {
    const tried = JSON.parse(text) as {
      mould?: string
      layers?: { filling: string; percent: number }[]
    }
    if (!tried.layers?.length) return {}
    return {
      mould: tried.mould ?? '',
      layers: tried.layers.map((l) => ({
        filling: String(l.filling),
        by: 'SHARE',
        amount: Number(l.percent),
        inserts: [],
        sealMm: null,
        inside: null,
        insideG: null,
        flavours: [],
      })),
    }
  } catch {
    return {}
  }
}

function layerOf(layer: MouldedPiece['layers'][number]): LayerInForm {
  const { filling, share, grams, heightMm } = layer
  const rest = {
    inserts: layer.inserts.map((i) => ({ ...i })),
    sealMm: layer.sealMm ?? null,
    inside: layer.inside ?? null,
    insideG: layer.insideG ?? null,
    // 4.999999 of the books is what was typed as 5.
    flavours: (layer.flavours ?? []).map(({ ingredient, per100G }) => ({
      ingredient,
      per100G: Math.round(per100G * 1e6) / 1e6,
    })),
  }
  if (share != null) return { filling, by: 'SHARE', amount: share * 100, ...rest }
  if (grams != null) return { filling, by: 'GRAMS', amount: grams, ...rest }
  if (heightMm != null) return { filling, by: 'HEIGHT', amount: heightMm, ...rest }
  return { filling, by: 'REST', amount: null, ...rest }
}

/** What still has to be said before it can be drawn; empty when it can. */
export function missing(form: MouldedInForm): string {
  if (!form.mould) return t('Choose a mould.')
  if (!form.couverture) return t('Choose a couverture.')
  if (form.shellMm === null) return t('How thick the shell is to be is missing.')
  if (form.headRoomMm === null) return t('How much room the cap gets is missing.')
  if (!form.layers.length) return t('Add a layer: a filled piece has at least one.')
  if (form.layers.some((l) => !l.filling)) return t('Choose the filling of every layer.')
  if (form.layers.some((l) => l.by !== 'REST' && l.amount === null))
    return t('Every layer wants its amount.')
  if (form.layers.some((l) => l.inserts.some((i) => !i.ingredient || i.eachG === null)))
    return t('What is set in wants an ingredient and grams.')
  if (form.layers.some((l) => l.flavours.some((f) => !f.ingredient || f.per100G === null)))
    return t('What is stirred in wants an ingredient and grams.')
  if (form.layers.some((l) => l.inside && l.insideG === null))
    return t('The filling inside wants its grams.')
  return missingWorn(form.worn)
}

/** Whether nothing closes the halves but each other. */
const open = (form: MouldedInForm) => Boolean(form.joined && form.uncapped)

export function draftOf(
  form: MouldedInForm,
  version: number | null,
  colours: ColourStock[] = [],
): MouldedPieceDraft {
  return {
    kind: 'MOULDED',
    name: form.name.trim(),
    story: form.story.trim() || t('A filled piece.'),
    mould: form.mould,
    couverture: form.couverture,
    capCouverture: open(form) ? null : form.capCouverture || null,
    joined: form.joined ?? null,
    uncapped: open(form),
    shellMm: form.shellMm ?? 0,
    headRoomMm: form.headRoomMm ?? 0,
    layers: form.layers.map((layer, i) => ({
      filling: layer.filling,
      share: layer.by === 'SHARE' ? (layer.amount ?? 0) / 100 : null,
      grams: layer.by === 'GRAMS' ? layer.amount : null,
      heightMm: layer.by === 'HEIGHT' ? layer.amount : null,
      inserts: layer.inserts.map((i) => ({ ingredient: i.ingredient, eachG: i.eachG ?? 0 })),
      // What was asked for over a layer that has since become the last is the cap's.
      sealMm: i < form.layers.length - 1 ? layer.sealMm : null,
      inside: layer.inside || null,
      insideG: layer.inside ? layer.insideG : null,
      flavours: layer.flavours.map((f) => ({ ...f, per100G: f.per100G ?? 0 })),
    })),
    ...wornDraft(form.worn, colours),
    labelG: form.labelG,
    version,
  }
}
