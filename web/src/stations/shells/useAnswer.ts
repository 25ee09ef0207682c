import { useDebounceFn } from '@vueuse/core'
import { onMounted, ref, watch, type Ref, type WatchSource } from 'vue'
import { words } from '@/api/client'
import { useTurn } from '@/parts/turn'

/**
 * What the server says to what stands in the fields: asked again a moment after they change, the
 * last question's answer counts, and a refusal leaves the answer before it standing.
 *
 * @param sources whatever the question rests on
 * @param question gives nothing while a field is missing
 */
export function useAnswer<T>(sources: WatchSource<object>[], question: () => Promise<T> | null) {
  const answer = ref<T | null>(null) as Ref<T | null>
  const refused = ref('')
  const turn = useTurn()
  async function now() {
    const asked = question()
    if (!asked) return
    const current = turn()
    try {
      const found = await asked
      if (!current()) return
      answer.value = found
      refused.value = ''
    } catch (problem) {
      if (current()) refused.value = words(problem)
    }
  }
  const look = useDebounceFn(now, 80)
  watch(sources, () => void look(), { deep: true })
  onMounted(now)
  return { answer, refused, look: now }
}
