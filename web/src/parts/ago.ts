import { t } from '@/words'
const MINUTE = 60_000
const HOUR = 60 * MINUTE
const DAY = 24 * HOUR

/** How long ago something was, as one says it. */
export function longAgo(then: number, now: number): string {
  const past = Math.max(0, now - then)
  if (past < 2 * MINUTE) return t('just now')
  if (past < 2 * HOUR) return t('{past} min ago', { past: Math.floor(past / MINUTE) })
  if (past < DAY) return t('{past} h ago', { past: Math.floor(past / HOUR) })
  const days = Math.floor(past / DAY)
  return days === 1 ? t('yesterday') : t('{days} days ago', { days })
}
