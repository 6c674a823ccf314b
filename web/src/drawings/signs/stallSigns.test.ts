import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { STALL_SIGNS } from './stallSigns'

const CHECKS = 'core/src/Stall/Checks'

/** A sentence may stand on several lines. */
const TEXT = String.raw`\s*(?:(?:'[^']*'|"[^"]*")\s*\.?\s*)+,`
const CHECK = new RegExp(String.raw`new Check\(${TEXT}${TEXT}${TEXT}\s*'([a-z]+)'`, 'g')

/** The signs that the checks of the core name. */
const named = new Set(
  readdirSync(CHECKS).flatMap((file) =>
    [...readFileSync(`${CHECKS}/${file}`, 'utf8').matchAll(CHECK)].map(([, sign]) => sign ?? ''),
  ),
)

describe('STALL_SIGNS', () => {
  it('draws every check that the core knows', () => {
    expect(named.size).toBeGreaterThan(25)
    expect([...named].filter((sign) => !(sign in STALL_SIGNS))).toEqual([])
  })
  it('keeps within its field', () => {
    for (const [sign, shapes] of Object.entries(STALL_SIGNS))
      for (const [, d] of shapes) {
        const first = /^M(-?[\d.]+) (-?[\d.]+)/.exec(d)
        expect(first, sign).not.toBeNull()
        expect(Number(first?.[1]), sign).toBeLessThanOrEqual(112)
        expect(Number(first?.[2]), sign).toBeLessThanOrEqual(64)
      }
  })
})
