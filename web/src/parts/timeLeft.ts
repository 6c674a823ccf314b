/** How long it is until then: 2 days 3 h, 3 h 12 min, 12 min 5 s; null: it is over. */
export function timeLeft(until: string, now: number): string | null {
  const seconds = Math.ceil((Date.parse(until) - now) / 1000)
  if (!(seconds > 0)) return null
  const minutes = Math.floor(seconds / 60)
  const hours = Math.floor(minutes / 60)
  const days = Math.floor(hours / 24)
  if (days > 0) return `${days === 1 ? '1 day' : `${days} days`} ${hours % 24} h`
  if (hours > 0) return `${hours} h ${minutes % 60} min`
  return minutes > 0 ? `${minutes} min ${seconds % 60} s` : `${seconds} s`
}
