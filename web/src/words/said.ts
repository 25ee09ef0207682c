/**
 * Looks up what the server says. Its sentences are keys, but a name may stand in the middle of one
 * ("Pipe sesame crackle, {each} into each"), and two may follow each other; old batches keep theirs
 * as they were written. A key with {1} in it is therefore a pattern for the name that stands there.
 */
interface Form {
  key: string
  fits: RegExp
  /** Numbers of its places, in the order in which they stand. */
  places: string[]
}

/** Fewer letters than these around its places, and a form would fit anything. */
const FEWEST_LETTERS = 5
const MOST_KEPT = 5000
const PLACE = /\{(\d+)\}/g

export class Said {
  private readonly forms: Form[]
  private readonly kept = new Map<string, string>()

  constructor(private readonly bundle: Record<string, string>) {
    this.forms = Object.keys(bundle)
      .filter((key) => key.search(PLACE) >= 0 && lettersOf(key) >= FEWEST_LETTERS)
      .sort((a, b) => lettersOf(b) - lettersOf(a))
      .map((key) => ({
        key,
        fits: new RegExp(`^${key.split(PLACE).map(asPattern).join('')}$`, 's'),
        places: [...key.matchAll(PLACE)].map((place) => place[1]!),
      }))
  }

  /** The text in the language of the bundle; as it came where the bundle lacks it. */
  say(text: string): string {
    const known = this.kept.get(text)
    if (known !== undefined) return known
    const said = this.whole(text) ?? this.inParts(text)
    if (this.kept.size >= MOST_KEPT) this.kept.clear()
    this.kept.set(text, said)
    return said
  }

  private whole(text: string): string | undefined {
    if (Object.hasOwn(this.bundle, text)) return this.bundle[text]
    for (const form of this.forms) {
      const found = form.fits.exec(text)
      if (!found) continue
      const put = Object.fromEntries(form.places.map((n, i) => [n, this.say(found[i + 1]!)]))
      return this.bundle[form.key]!.replace(PLACE, (_, n: string) => put[n] ?? '')
    }
    return this.asTitle(text)
  }

  /** A title is a word the server made a capital of. */
  private asTitle(text: string): string | undefined {
    const word = text.charAt(0).toLowerCase() + text.slice(1)
    if (word === text || !Object.hasOwn(this.bundle, word)) return undefined
    return this.bundle[word]!.replace(/\p{Letter}/u, (first) => first.toUpperCase())
  }

  /** Sentence by sentence, the longest run that is known first. */
  private inParts(text: string): string {
    const parts = text.split(/(?<=[.:!?;]) (?=\S)/)
    const said: string[] = []
    for (let from = 0; from < parts.length;) {
      let to = parts.length - (from === 0 ? 1 : 0)
      while (to > from + 1 && !this.whole(parts.slice(from, to).join(' '))) to--
      const part = parts.slice(from, to).join(' ') || parts[from]!
      said.push(this.whole(part) ?? part)
      from = Math.max(to, from + 1)
    }
    return said.join(' ')
  }
}

const lettersOf = (key: string) => key.replace(/\{\w+\}/g, '').replace(/[^A-Za-z]/g, '').length

/** Text and numbers of places in turn: the one as it is, the other for anything. */
const asPattern = (part: string, i: number) =>
  i % 2 ? '(.*?)' : part.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
