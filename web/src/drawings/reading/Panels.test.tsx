import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { SquareReading } from './SquareReading'
import { StraightedgeReading } from './StraightedgeReading'

const square = { bladeMm: 200, bladeWidthMm: 42, stockMm: 150, stockWidthMm: 42 }
const scales = (svg: string) => [...svg.matchAll(/scale\(([\d.]+)\)/g)].map((match) => Number(match[1]))

describe('how a reading is taken', () => {
  it('is told in four steps, with what came out the last time', () => {
    const svg = renderToStaticMarkup(
      <SquareReading square={square} last={{ error: '0.02 mm' }} width={640} height={410} />,
    )
    expect(svg.match(/<text[^>]*class="figure"[^>]*>(\d)</g)).toHaveLength(4)
    expect(svg).toContain('last time 0.02 mm')
    expect(svg).toContain('knife a line')
  })

  it('says nothing of a last time that never was', () => {
    const svg = renderToStaticMarkup(
      <SquareReading square={square} last={undefined} width={640} height={410} />,
    )
    expect(svg).not.toContain('last time')
  })

  it('keeps its scenes inside their panels on any sheet', () => {
    for (const [width, height] of [
      [316, 290],
      [640, 410],
      [1200, 440],
    ] as const) {
      const svg = renderToStaticMarkup(
        <SquareReading square={square} last={undefined} {...{ width, height }} />,
      )
      for (const scale of scales(svg)) {
        expect(scale * 300).toBeLessThanOrEqual(width / 2)
        expect(scale * 150).toBeLessThanOrEqual(height / 2)
      }
    }
  })

  it('is another over a flat: nothing is drawn or turned there', () => {
    const svg = renderToStaticMarkup(<StraightedgeReading onFlat last={undefined} width={640} height={330} />)
    expect(svg).toContain('on the flat')
    expect(svg).not.toContain('its long axis')
  })
})
