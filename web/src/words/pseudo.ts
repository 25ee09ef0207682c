const PLACE = /(\{[^}]*\})/
const MORE = ' ~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~~'

/** A text in brackets and a third longer, its places as they were. */
export function pseudo(text: string): string {
  return text
    .split('|')
    .map((form) => {
      const said = form.split(PLACE).filter((part) => !PLACE.test(part))
      const letters = said.join('').length
      const decimals = form.trim().replace(/(\d)\.(\d)/g, '$1,$2')
      // In words of a few letters, so that a line can break where a real one could.
      const more = MORE.slice(0, 1 + Math.ceil(letters / 3)).replace(/~{8}/g, '~~~~~~~ ')
      return `[${decimals}${more.trimEnd()}]`
    })
    .join(' | ')
}
