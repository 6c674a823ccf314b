import type { Schemas } from '@/api/client'
import { AlongEdge, alongFactor } from '@/drawings/blade/AlongEdge'
import { BladeOnWood } from '@/drawings/blade/BladeOnWood'
import { BladeSection, sectionScale } from '@/drawings/blade/BladeSection'
import { Sheet } from '@/parts/Sheet'

interface GeometrySheetsProps {
  edge: Schemas['Edge']
  drawn: Schemas['DrawnBlade']
  says: string
}

// CSS pixels in a millimetre, to say how many times true size a drawing is.
const PIXELS_PER_MM = 96 / 25.4

/** Three views of one edge: its section, the tool on the wood, and the edge seen along the tool. */
export function GeometrySheets({ edge, drawn, says }: GeometrySheetsProps) {
  return (
    <>
      <Sheet
        title={`Section of the ${edge.name}`}
        says={`Ground at ${drawn.primaryDeg.toFixed(1)} degrees, honed at ${drawn.secondaryDeg.toFixed(1)}, ${drawn.thickness} thick. ${says}`}
        block={(box) => [
          ['Section', edge.name],
          ['Drawn', `×${Math.round(sectionScale(drawn, box.width, box.height) / PIXELS_PER_MM)}`],
          ['Hatched', 'honed away so far'],
          ...(drawn.wheelMm === null ? [] : [['Hollow', drawn.hollow] as const]),
        ]}
        height={(width) => Math.max(200, Math.min(320, width * 0.42))}
      >
        {(box) => <BladeSection blade={drawn} {...box} />}
      </Sheet>
      <div className="mt-3 grid gap-3 *:min-w-0 sm:grid-cols-2">
        <Sheet
          title={drawn.bedDeg === null ? 'Pared on its back' : 'On its bed'}
          says={`It meets the wood at ${(drawn.cuttingDeg ?? drawn.secondaryDeg).toFixed(1)} degrees.`}
          block={[
            [
              'On the wood',
              drawn.bedDeg === null
                ? 'pared on its back'
                : `bedded at ${Math.round(drawn.bedDeg * 10) / 10}°, bevel ${drawn.bevelUp ? 'up' : 'down'}`,
            ],
          ]}
          height={() => 210}
        >
          {(box) => <BladeOnWood blade={drawn} {...box} />}
        </Sheet>
        <Sheet
          title="The edge seen along the tool"
          says={`${drawn.width} wide; corners ${drawn.sag} back.`}
          block={(box) => [
            ['Along the tool', `${drawn.width} wide`],
            ['Heights', `×${alongFactor(drawn, box.width, box.height)}`],
          ]}
          height={() => 210}
        >
          {(box) => <AlongEdge blade={drawn} {...box} />}
        </Sheet>
      </div>
    </>
  )
}
