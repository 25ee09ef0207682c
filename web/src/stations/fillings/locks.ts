import { ref } from 'vue'

/** Lines whose amount stays, by their place in the whole recipe. */
export const locked = ref<number[]>([])

export function toggleLock(line: number) {
  locked.value = locked.value.includes(line)
    ? locked.value.filter((l) => l !== line)
    : [...locked.value, line]
}
