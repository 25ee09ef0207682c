/** A language of the interface. */
export interface Language {
  /** After BCP 47; also the name of its bundle. */
  code: string
  /** Whose way of writing numbers, dates and lists is followed. */
  numbers: string
}

export const ENGLISH: Language = { code: 'en', numbers: 'en-GB' }

/**
 * No language: every text in brackets and longer, numbers and dates written as in German. What
 * stands on a screen without brackets is hard-wired. `?language=en-XA` chooses it.
 */
export const PSEUDO: Language = { code: 'en-XA', numbers: 'de-DE' }
