import { ref } from 'vue'
import { api, ask } from '@/api/client'

/** Often enough to be seen to move, ms. */
const LOOKED_AT_MS = 400

/** What a screen sees of an import that is under way: how far it is, and a way out. */
export function useImporting() {
  const busy = ref(false)
  const far = ref<{ done: number; total: number } | null>(null)

  async function look() {
    try {
      far.value = await ask(api.GET('/api/exchange/progress'))
    } catch {
      far.value = null
    }
  }

  /** Does it, and looks how far it is meanwhile. */
  async function during<T>(import_: () => Promise<T>): Promise<T> {
    busy.value = true
    const looking = setInterval(() => void look(), LOOKED_AT_MS)
    try {
      return await import_()
    } finally {
      clearInterval(looking)
      far.value = null
      busy.value = false
    }
  }

  /** It is given up at its next row; what was sent answers that nothing was changed. */
  const cancel = () => ask(api.POST('/api/exchange/cancel'))

  return { busy, far, during, cancel }
}
