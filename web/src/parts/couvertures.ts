import { ref } from 'vue'
import { api, ask, words, type Ingredient } from '@/api/client'

const all = ref<Ingredient[]>([])
const trouble = ref('')

const MOST = 200

/** Every couverture there is, however many: none of them is cut off by the length of a list. */
async function everyCouverture(): Promise<Ingredient[]> {
  const found: Ingredient[] = []
  for (let page = 0; ; page++) {
    const query = { couvertures: true, size: MOST, page }
    const answer = await ask(api.GET('/api/ingredients', { params: { query } }))
    found.push(...answer.items)
    if (answer.items.length < MOST) return found
  }
}

/** The couvertures, and the first of what else the larder holds; again when asked. */
export function useLarder() {
  async function load() {
    try {
      const [couvertures, page] = await Promise.all([
        everyCouverture(),
        ask(api.GET('/api/ingredients', { params: { query: { size: MOST } } })),
      ])
      all.value = [...couvertures, ...page.items.filter((i) => !i.couverture)]
      trouble.value = ''
    } catch (problem) {
      trouble.value = words(problem)
    }
  }
  return { all, trouble, load }
}
