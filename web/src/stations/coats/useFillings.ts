import { onMounted, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import { everyPage } from '@/parts/everyPage'

/** What a centre may be made of. */
export function useFillings() {
  const fillings = ref<{ id: string; name: string }[]>([])
  const missing = ref('')
  const loaded = ref(false)
  onMounted(async () => {
    try {
      fillings.value = await everyPage((query) =>
        ask(api.GET('/api/fillings', { params: { query } })),
      )
      loaded.value = true
    } catch (problem) {
      missing.value = words(problem)
    }
  })
  return { fillings, missing, loaded }
}
