/**
 * Answers may come in another order than they were asked for: only the last question's counts.
 * Take a turn before asking; what it gives says afterwards whether it is still the last.
 */
export function useTurn(): () => () => boolean {
  let last = 0
  return () => {
    const mine = ++last
    return () => mine === last
  }
}
