import { useDebounceFn } from '@vueuse/core'
import { onMounted, ref, watch, type Ref, type WatchSource } from 'vue'
import { words } from '@/api/client'
import { t } from '@/words'
import { useTurn } from '@/parts/turn'

/**
 * What the server says to what stands in the fields: asked again a moment after they change, the
 * last question's answer counts, and a refusal leaves the answer before it standing.
 *
 * @param sources whatever the question rests on
 * @param question gives nothing while a field is missing
 * @param blank while there is nothing to ask about, which is said elsewhere; else a missing field is
 *   said, and no old answer stands for it. Left out, the old answer stays
 */
export function useAnswer<T>(
  sources: WatchSource<object>[],
  question: () => Promise<T> | null,
  blank?: Ref<boolean>,
) {
  const answer = ref<T | null>(null) as Ref<T | null>
  const refused = ref('')
  const turn = useTurn()
  async function now() {
    const asked = question()
    const current = turn()
    if (!asked) {
      if (!blank) return
      answer.value = null
      refused.value = blank.value ? '' : t('A number is missing: one of the fields is empty.')
      return
    }
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
