import { useState } from 'react'
import { straightedgeFactor } from '@/drawings/straightedgeLayout'
import { profileHeight, StraightedgeProfile } from '@/drawings/StraightedgeProfile'
import { StraightedgeSketch } from '@/drawings/StraightedgeSketch'
import { Sheet } from '@/parts/Sheet'
import { block, inWords, type ReferenceSheetProps } from './ReferenceSheet'

const FACTORS = [10, 20, 50, 100, 200, 500, 1000]
const ROOM = 86
const FLAT = [0, 0]

/** The edge with what stands proud of it, before the first stroke or after any of them. */
export function StraightedgeSheet(props: ReferenceSheetProps) {
  const [step, setStep] = useState(0)
  const { page, good, preview } = props
  const edge = (good ?? preview).straightedge
  const leaves = edge?.leaves ?? []
  const at = Math.max(0, Math.min(step, leaves.length - 1))
  const before = {
    lengthMm: page.lengthMm,
    stationsMm: edge?.stationsMm ?? [0, page.lengthMm],
    heightsMm: leaves[0] ?? FLAT,
  }
  const drawn = { ...before, heightsMm: leaves[at] ?? before.heightsMm }
  const factor = (width: number) => straightedgeFactor(before, width, ROOM, FACTORS)

  return (
    <Sheet
      title={`The true edge of the ${page.name}`}
      says={inWords(props)}
      block={(box) => [
        edge ? ['Heights', `drawn ×${factor(box.width)}`] : ['Drawn', 'how it is read'],
        ...block(props),
      ]}
      height={() => profileHeight(edge?.strokes.length ?? 0)}
      controls={
        edge !== null &&
        edge.strokeCount > 0 && (
          <label className="flex items-center gap-2 text-sm">
            <span className="text-soft">Drawn</span>
            <select
              value={at}
              onChange={(event) => setStep(Number(event.target.value))}
              className="min-h-8 border border-rule bg-sheet px-1"
            >
              {leaves.map((_, index) => (
                <option key={index} value={index}>
                  {index === 0 ? 'as it is' : `after stroke ${index} of ${edge.strokeCount}`}
                </option>
              ))}
            </select>
          </label>
        )
      }
    >
      {(box) =>
        edge ? (
          <StraightedgeProfile
            drawn={drawn}
            strokes={edge.strokes}
            done={at}
            factor={factor(box.width)}
            {...box}
          />
        ) : (
          <StraightedgeSketch lengthMm={page.lengthMm} width={box.width} />
        )
      }
    </Sheet>
  )
}
