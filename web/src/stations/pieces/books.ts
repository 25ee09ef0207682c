import { ref } from 'vue'
import {
  api,
  ask,
  words,
  type ColourStock,
  type FillingSummary,
  type IngredientName,
  type Mould,
} from '@/api/client'
import { useLarder } from '@/parts/couvertures'
import { everyPage } from '@/parts/everyPage'

/** What a piece is put together from: moulds, couvertures, colours, fillings, the larder. */
export function useBooks() {
  const { all, load: loadLarder } = useLarder()
  const moulds = ref<Mould[]>([])
  const fillings = ref<FillingSummary[]>([])
  const colours = ref<ColourStock[]>([])
  const larder = ref<IngredientName[]>([])
  const trouble = ref('')

  async function load() {
    try {
      const [m, f, c, l] = await Promise.all([
        everyPage((query) => ask(api.GET('/api/moulds', { params: { query } }))),
        everyPage((query) => ask(api.GET('/api/fillings', { params: { query } }))),
        everyPage((query) => ask(api.GET('/api/colours', { params: { query } }))),
        ask(api.GET('/api/larder/names')),
        loadLarder(),
      ])
      moulds.value = m
      fillings.value = f
      colours.value = c
      larder.value = l
    } catch (problem) {
      trouble.value = words(problem)
    }
  }

  return { all, moulds, fillings, colours, larder, trouble, load }
}
