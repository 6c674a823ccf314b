import { useState } from 'react'
import type { Schemas } from '@/api/client'
import { HOW_READ } from '@/drawings/reading/howRead'
import { StraightedgeReading } from '@/drawings/reading/StraightedgeReading'
import { straightedgeFactor } from '@/drawings/straightedgeLayout'
import { profileHeight, StraightedgeProfile } from '@/drawings/StraightedgeProfile'
import { Sheet } from '@/parts/Sheet'
import { block, inWords, lastOf, type ReferenceSheetProps } from './ReferenceSheet'

const FACTORS = [10, 20, 50, 100, 200, 500, 1000]
const ROOM = 86
const FLAT = [0, 0]
/** What it takes to show how it is read, px. */
const LEAST = 330

type Edge = Schemas['StraightedgeDrawn'] | null

const ownHeight = (edge: Edge) => profileHeight(edge?.strokes.length ?? 0)
const heightOf = (edge: Edge) => Math.max(LEAST, ownHeight(edge))

/** The edge with what stands proud of it, before the first stroke or after any of them. */
export function StraightedgeSheet(props: ReferenceSheetProps) {
  const [step, setStep] = useState(0)
  const { page, good, preview, choices } = props
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
      block={(box) => [edge ? ['Heights', `drawn ×${factor(box.width)}`] : HOW_READ, ...block(props)]}
      height={() => heightOf(edge)}
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
          // In the middle of the room that it was shown in how to read it.
          <g transform={`translate(0 ${(heightOf(edge) - ownHeight(edge)) / 2})`}>
            <StraightedgeProfile
              drawn={drawn}
              strokes={edge.strokes}
              done={at}
              factor={factor(box.width)}
              width={box.width}
              height={ownHeight(edge)}
            />
          </g>
        ) : (
          <StraightedgeReading onFlat={choices['against'] === 'flat'} last={lastOf(props)} {...box} />
        )
      }
    </Sheet>
  )
}
