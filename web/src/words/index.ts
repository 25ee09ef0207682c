import { createI18n } from 'vue-i18n'
import { ENGLISH, PSEUDO, type Language } from './languages'
import { pseudo } from './pseudo'
import { Said } from './said'

/**
 * Every text a maker reads. The English sentence is its own key, with places in braces, so that
 * the code can be read; a language is a bundle `<code>.json` beside this file, from those keys to
 * its own sentences. What a bundle lacks stays English.
 */
type Bundle = Record<string, string>

const BUNDLES = import.meta.glob<Bundle>(['./*.json', '!./*.en.json', '!./en.json'], {
  import: 'default',
})

export const i18n = createI18n({
  legacy: false,
  locale: ENGLISH.code as string,
  messages: {} as Record<string, Bundle>,
  missingWarn: false,
  fallbackWarn: false,
  fallbackFormat: true,
  // Sentences hold full stops: a key is no path.
  messageResolver: (bundle, key) => (bundle as Bundle)[key] ?? null,
})

let now: Language = ENGLISH
let server: Said | null = null

/** A text in the language chosen. */
export function t(text: string, places?: Record<string, unknown>): string {
  return places ? i18n.global.t(text, places) : i18n.global.t(text)
}

/** A text that changes with how many there are; its forms lie between strokes. */
export function counted(forms: string, many: number): string {
  return i18n.global.t(forms, many)
}

/** Words the server says, in the language chosen; as they came where its bundle lacks them. */
export function asSaid(text: string): string {
  return server?.say(text) ?? text
}

/** Whether nothing need be looked up. */
export const english = () => now === ENGLISH

const KEPT = 'palintone language'

/** The language chosen; its `numbers` say how numbers, dates and lists are written. */
export const language = () => now

/** The languages there are bundles for. */
export const languages = () => [
  ENGLISH.code,
  ...Object.keys(BUNDLES).map((path) => path.slice(2, -'.json'.length)),
]

/** Keeps a choice for the next time a page is opened. */
export const choose = (code: string) => localStorage.setItem(KEPT, code)

function chosen(): string {
  const asked = new URLSearchParams(location.search).get('language')
  try {
    if (asked) choose(asked)
    return asked ?? localStorage.getItem(KEPT) ?? ENGLISH.code
  } catch {
    return asked ?? ENGLISH.code // a browser that keeps nothing
  }
}

/** Both catalogues, every text of them in brackets and a third longer: for tests. */
async function pseudoBundle(): Promise<Bundle> {
  const catalogues = await Promise.all([import('./en.json'), import('./server.en.json')])
  const texts = catalogues.flatMap((c) => c.default)
  return Object.fromEntries(texts.map((text) => [text, pseudo(text)]))
}

/**
 * Brings in the language chosen; to be waited for before any screen is made. One that cannot be
 * had leaves English: no screen waits for its words.
 */
export async function speak(code = chosen()): Promise<void> {
  const load = code === PSEUDO.code ? pseudoBundle : BUNDLES[`./${code}.json`]
  const bundle = (await load?.().catch(() => null)) ?? null
  now = !bundle ? ENGLISH : code === PSEUDO.code ? PSEUDO : { code, numbers: code }
  server = bundle && new Said(bundle)
  i18n.global.setLocaleMessage(now.code, bundle ?? {})
  i18n.global.locale.value = now.code
  document.documentElement.lang = now.code
}
