import { ref } from 'vue'
import { api, ask, words, type Ingredient } from '@/api/client'

const all = ref<Ingredient[]>([])
const trouble = ref('')

/** The larder, loaded once and again when asked. */
export function useLarder() {
  async function load() {
    try {
      const page = await ask(api.GET('/api/ingredients', { params: { query: { size: 200 } } }))
      all.value = page.items
      trouble.value = ''
    } catch (problem) {
      trouble.value = words(problem)
    }
  }
  return { all, trouble, load }
}
