/** Minutes as somebody plans an afternoon: under an hour and a half in minutes, then in half hours. */
export function hours(minutes: number): string {
  if (minutes < 90) return `about ${minutes} minutes`
  const halves = Math.round(minutes / 30)
  const whole = Math.floor(halves / 2)
  return `about ${whole}${halves % 2 === 1 ? '½' : ''} hours`
}
