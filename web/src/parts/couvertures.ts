import { ref } from 'vue'
import { api, ask, words, type Ingredient } from '@/api/client'
import { everyPage } from './everyPage'

const all = ref<Ingredient[]>([])
const trouble = ref('')

const MOST = 200

/** Every couverture there is, however many. */
const everyCouverture = () =>
  everyPage((query) =>
    ask(api.GET('/api/ingredients', { params: { query: { ...query, couvertures: true } } })),
  )

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
