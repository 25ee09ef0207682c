import { ref } from 'vue'
import { api, ask, words, type FillingSummary, type IngredientName, type Mould } from '@/api/client'
import { useLarder } from '@/parts/couvertures'

const MOST = 200

/** What a piece is put together from: moulds, couvertures, fillings, the larder. */
export function useBooks() {
  const { all, load: loadLarder } = useLarder()
  const moulds = ref<Mould[]>([])
  const fillings = ref<FillingSummary[]>([])
  const larder = ref<IngredientName[]>([])
  const trouble = ref('')

  async function load() {
    try {
      const query = { size: MOST }
      const [m, f, l] = await Promise.all([
        ask(api.GET('/api/moulds', { params: { query } })),
        ask(api.GET('/api/fillings', { params: { query } })),
        ask(api.GET('/api/larder/names')),
        loadLarder(),
      ])
      moulds.value = m.items
      fillings.value = f.items
      larder.value = l
    } catch (problem) {
      trouble.value = words(problem)
    }
  }

  return { all, moulds, fillings, larder, trouble, load }
}
