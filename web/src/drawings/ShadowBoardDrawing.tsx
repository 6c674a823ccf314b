import type { Schemas } from '@/api/client'
import { OutlinePaths } from './ToolOutline'

interface ShadowBoardDrawingProps {
  panel: Schemas['Panel']
  hung: readonly Schemas['HungTool'][]
  sheets: readonly Schemas['PrintedTile'][]
  width: number
  height: number
}

const MARGIN = 20
/** Pixels of a letter of a name, and the least of a name that is worth showing. */
const LETTER = 5
const NAME_PX = 9
/** Drawn smaller than this, pixels to a millimetre, names would run into the tools below. */
const LEAST_SCALE = 0.35

/** The panel with each tool in its place, and how the sheets lie on it. */
export function ShadowBoardDrawing({ panel, hung, sheets, width, height }: ShadowBoardDrawingProps) {
  const scale = Math.min((width - 2 * MARGIN) / panel.widthMm, (height - 2 * MARGIN) / panel.heightMm)
  const left = (width - panel.widthMm * scale) / 2
  const top = (height - panel.heightMm * scale) / 2
  return (
    <g transform={`translate(${left} ${top})`}>
      <rect
        width={panel.widthMm * scale}
        height={panel.heightMm * scale}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      <SheetGrid panel={panel} sheets={sheets} scale={scale} />
      {hung.map((tool) => (
        <g key={tool.id} transform={`translate(${tool.xMm * scale} ${tool.yMm * scale})`}>
          <title>{tool.name}</title>
          <g transform={`scale(${scale})`}>
            <OutlinePaths outline={tool.outline} wanted={false} marked={false} />
          </g>
          {scale >= LEAST_SCALE && shown(tool.name, tool.outline.widthMm * scale) && (
            <text y={tool.outline.heightMm * scale + NAME_PX + 1} fontSize={NAME_PX} className="fill-ink">
              {shown(tool.name, tool.outline.widthMm * scale)}
            </text>
          )}
        </g>
      ))}
    </g>
  )
}

interface SheetGridProps {
  panel: Schemas['Panel']
  sheets: readonly Schemas['PrintedTile'][]
  scale: number
}

/** Where the sheets meet; rows by letter at the side, columns by number above, as on a map. */
function SheetGrid({ panel, sheets, scale }: SheetGridProps) {
  const rows = new Map(sheets.map((sheet) => [sheet.name.replace(/\d+/, ''), sheet]))
  const columns = new Map(sheets.map((sheet) => [sheet.name.replace(/\D+/, ''), sheet]))
  return (
    <g fontSize={11} className="fill-soft" textAnchor="middle">
      {sheets.map((sheet) => (
        <rect
          key={sheet.name}
          x={sheet.xMm * scale}
          y={sheet.yMm * scale}
          width={Math.min(sheet.widthMm, panel.widthMm - sheet.xMm) * scale}
          height={Math.min(sheet.heightMm, panel.heightMm - sheet.yMm) * scale}
          className="fill-none stroke-soft"
          strokeWidth={0.75}
          strokeDasharray="2 4"
        />
      ))}
      {[...columns].map(([name, { xMm, widthMm }]) => (
        <text key={name} x={((xMm + Math.min(xMm + widthMm, panel.widthMm)) / 2) * scale} y={-6}>
          {name}
        </text>
      ))}
      {[...rows].map(([name, { yMm, heightMm }]) => (
        <text key={name} x={-10} y={((yMm + Math.min(yMm + heightMm, panel.heightMm)) / 2) * scale + 4}>
          {name}
        </text>
      ))}
    </g>
  )
}

/** A name up to its first comma, where the tool is wide enough for it. */
function shown(name: string, width: number): string | null {
  const short = name.split(',')[0] ?? name
  return short.length * LETTER <= width + 12 ? short : null
}
