// Run in the page before anything else of it: remembers what a maker wrote, of all the server says,
// and tells what else stands on the screen outside the brackets of the pseudo-language.
;(() => {
  // Fields in which a maker's own words, or names of files and measures, stand.
  const OWN = new Set(
    ('id name story lot code note text title pieceName pieceId ingredient couverture mould filling'
      + ' layer layers raw parts house file column before after unit units symbol probe tint'
      + ' currency zone unpriced lastHeld unread currencySign made useBy format source timeFormat'
      + ' labelInTheUnitedStates columns delimiter citation').split(' '),
  )
  const own = new Set()
  const remember = (answer) => {
    if (Array.isArray(answer)) answer.forEach(remember)
    else if (answer && typeof answer === 'object' && !('template' in answer)) {
      const figure = 'unit' in answer || 'change' in answer
      for (const [field, value] of Object.entries(answer)) {
        const bites = field === 'words' && ('crisp' in answer || 'score' in answer || 'measured' in answer)
        const words = bites || (OWN.has(field) && !(field === 'name' && figure && !('id' in answer)))
        for (const each of [value].flat()) {
          if (typeof each !== 'string') remember(each)
          else if (words && /[a-z]{2}/i.test(each)) own.add(each.toLowerCase())
        }
      }
    }
  }
  const real = window.fetch
  window.fetch = async (...asked) => {
    const answer = await real(...asked)
    if (/json/.test(answer.headers.get('content-type') ?? '')) {
      answer.clone().json().then(remember, () => {})
    }
    return answer
  }

  const SAME_EVERYWHERE =
    /°[cf]|\b(ml|mm|cm|min|kg|kj|cal|oz|hpa|pa·s|pa|palintone|csv|json|xlsx|svg|ctrl\+k)\b/g
  // The pseudo-language writes dates and lists as German does.
  const DATES = new Intl.DateTimeFormat('de-DE', { dateStyle: 'full' })
  const dates = new Set(['und'])
  for (let day = 0; day < 366; day += 1) {
    const at = new Date(2026, 0, 1 + day)
    for (const style of ['long', 'short']) {
      for (const part of ['weekday', 'month']) {
        const wanted = { day: 'numeric', month: 'long', [part]: style }
        new Intl.DateTimeFormat('de-DE', wanted).formatToParts(at).forEach((p) => {
          if (p.type === part) dates.add(p.value.toLowerCase().replace('.', ''))
        })
      }
    }
    DATES.formatToParts(at).forEach((p) => dates.add(p.value.toLowerCase()))
  }

  const LETTERS = /[a-z]{2}/
  const DECIMAL = /\d\.\d/

  const ATTRIBUTES = ['aria-label', 'title', 'placeholder', 'alt']
  const shownInFields = () => {
    const all = [...document.querySelectorAll('[aria-label], [title], [placeholder], [alt], input')]
    return all
      .flatMap((e) => [...ATTRIBUTES.map((a) => e.getAttribute(a) ?? ''), e.value ?? ''])
      .join(' ')
      .toLowerCase()
  }

  window.hardWired = () => {
    // Longest first, as a short one may stand in a long one; few of them stand on one screen.
    const shown = document.body.textContent.toLowerCase() + shownInFields()
    const names = [...own].filter((name) => shown.includes(name)).sort((a, b) => b.length - a.length)
    const found = new Set()
    let depth = 0
    // A point in a decimal: a number that does not follow the language. Dates have two.
    const numbers = (text) => {
      if (!DECIMAL.test(text)) return
      let rest = text.toLowerCase()
      for (const name of names) rest = rest.split(name).join(' ')
      if (DECIMAL.test(rest.replace(/\d+\.\d+\.\d{4}/g, ''))) found.add(text.trim())
    }
    const outside = (text, drawn = false) => {
      numbers(text)
      let left = ''
      for (const letter of text) {
        if (letter === '[') depth += 1
        else if (letter === ']') depth = Math.max(0, depth - 1)
        else if (depth === 0) left += letter
      }
      let rest = left.toLowerCase()
      if (!LETTERS.test(rest)) return
      // A drawing breaks a name over two lines.
      if (drawn && [...own].some((name) => name.includes(rest.trim()))) return
      for (const name of names) rest = rest.split(name).join(' ')
      rest = rest.replace(SAME_EVERYWHERE, ' ').replace(/\p{Letter}+/gu, (w) => (dates.has(w) ? '' : w))
      if (LETTERS.test(rest)) found.add(left.trim())
    }
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    while (walk.nextNode()) {
      if (!walk.currentNode.parentElement.closest('script, style, kbd')) {
        outside(walk.currentNode.textContent, walk.currentNode.parentElement.closest('svg'))
      }
    }
    for (const element of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]')) {
      for (const attribute of ATTRIBUTES) {
        depth = 0
        outside(element.getAttribute(attribute) ?? '')
      }
    }
    document.querySelectorAll('input').forEach((field) => numbers(field.value))
    return [...found]
  }
})()
