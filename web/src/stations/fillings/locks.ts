import { ref } from 'vue'

/** Lines whose amount stays, by their place in the whole recipe. */
export const locked = ref<number[]>([])

export function toggleLock(line: number) {
  locked.value = locked.value.includes(line)
    ? locked.value.filter((l) => l !== line)
    : [...locked.value, line]
}

/**
 * A lock belongs to its line, wherever that goes: the second butter before is the second butter
 * after. A line that is gone takes its lock along.
 */
export function follow(locks: number[], before: string[], after: string[]): number[] {
  const nth = (list: string[], place: number) =>
    list.slice(0, place).filter((each) => each === list[place]).length
  return locks
    .map((place) =>
      after.findIndex((each, i) => each === before[place] && nth(after, i) === nth(before, place)),
    )
    .filter((place) => place >= 0)
    .sort((a, b) => a - b)
}
