const MINUTE = 60_000
const HOUR = 60 * MINUTE
const DAY = 24 * HOUR

/** How long ago something was, as one says it. */
export function longAgo(then: number, now: number): string {
  const past = Math.max(0, now - then)
  if (past < 2 * MINUTE) return 'just now'
  if (past < 2 * HOUR) return `${Math.floor(past / MINUTE)} min ago`
  if (past < DAY) return `${Math.floor(past / HOUR)} h ago`
  const days = Math.floor(past / DAY)
  return days === 1 ? 'yesterday' : `${days} days ago`
}
