import { useState } from 'react'
import { fittingFactor } from '@/drawings/geometry'
import { HOW_READ } from '@/drawings/reading/howRead'
import { SquareReading } from '@/drawings/reading/SquareReading'
import { SquareTestDrawing } from '@/drawings/SquareTestDrawing'
import { Enlargement } from '@/parts/Enlargement'
import { Sheet } from '@/parts/Sheet'
import { block, inWords, lastOf, type ReferenceSheetProps } from './ReferenceSheet'

const FACTORS = [10, 20, 50, 100, 200, 500]
const USUAL_FACTOR = 100

/** A square with both knife lines and the wedge between them. */
export function SquareSheet(props: ReferenceSheetProps) {
  const [chosen, setFactor] = useState<number | null>(null)
  const { page, good, preview } = props
  const result = (good ?? preview).square
  const factor = chosen ?? (result ? fittingFactor(result.errorMm, 1.5, 95, FACTORS) : USUAL_FACTOR)
  const { blade = 0, bladeWidth = 0, stock = 0, stockWidth = 0 } = page.sizes
  const drawn = {
    bladeMm: blade,
    bladeWidthMm: bladeWidth,
    stockMm: stock,
    stockWidthMm: stockWidth,
    testedMm: result?.lengthMm ?? blade,
    errorMm: result?.errorMm ?? 0,
  }

  return (
    <Sheet
      title={`Reversal test of the ${page.name}`}
      says={
        result ? `Both knife lines, ${result.parted} apart at the tip. ${inWords(props)}` : inWords(props)
      }
      block={[result ? ['Sideways errors', `drawn ×${factor}`] : HOW_READ, ...block(props)]}
      height={(width) => Math.max(290, Math.min(440, width * 0.64))}
      controls={
        result && <Enlargement says="Errors drawn" value={factor} choices={FACTORS} onChange={setFactor} />
      }
    >
      {(box) =>
        result ? (
          <SquareTestDrawing
            square={drawn}
            result={result}
            strokes={result.strokes}
            takeOff={(good ?? preview).next.takeOff}
            factor={factor}
            {...box}
          />
        ) : (
          <SquareReading square={drawn} last={lastOf(props)} {...box} />
        )
      }
    </Sheet>
  )
}
