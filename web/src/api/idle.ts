/** How often a window asks whether another one changed something, ms. */
const AT_WORK = 2500
const LEFT_ALONE = 15000

/** After so long without a hand on it a window is left alone, ms. */
const IDLE_AFTER = 120_000

let touchedAt = Date.now()

// Tests of what has no page have no window either.
if (typeof window !== 'undefined')
  for (const what of ['pointerdown', 'keydown', 'focus'])
    window.addEventListener(what, () => (touchedAt = Date.now()), { capture: true, passive: true })

/** Often while somebody is at work; a window that is left open over night asks seldom. */
export const pollEvery = (now = Date.now()): number => (now - touchedAt > IDLE_AFTER ? LEFT_ALONE : AT_WORK)
