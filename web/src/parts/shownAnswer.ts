import { nextTick, type Ref } from 'vue'

/**
 * Brings an answer into sight where it came out of sight, as on a phone, where it stands below
 * what was asked; where it is seen nothing moves.
 */
export async function showAnswer(answer: Ref<HTMLElement | null>) {
  await nextTick()
  const top = answer.value?.getBoundingClientRect().top ?? 0
  if (top > window.innerHeight * 0.7) answer.value?.scrollIntoView({ block: 'start' })
}
