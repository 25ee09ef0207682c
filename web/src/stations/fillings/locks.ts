import { ref } from 'vue'

/** Lines whose amount stays, by their place in the whole recipe. */
export const locked = ref<number[]>([])

/** Lines a balance would leave alone by itself, and that its maker lets move. */
export const freed = ref<number[]>([])

const toggled = (lines: number[], line: number) =>
  lines.includes(line) ? lines.filter((l) => l !== line) : [...lines, line]

export function toggleLock(line: number) {
  locked.value = toggled(locked.value, line)
}

export function toggleFreed(line: number) {
  freed.value = toggled(freed.value, line)
}

/** Another recipe, or amounts that were taken over: nothing is held or freed any more. */
export function letGo() {
  locked.value = []
  freed.value = []
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
