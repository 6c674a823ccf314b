import { create } from 'qrcode'
import { useMemo } from 'react'

/** An address as a code that a camera reads, with the light edge of four modules that it asks for (ISO/IEC 18004). */
export function Code({ text }: { text: string }) {
  const { size, path } = useMemo(() => drawn(text), [text])
  return (
    <svg
      role="img"
      aria-label="The address as a code for a camera"
      viewBox={`0 0 ${size} ${size}`}
      shapeRendering="crispEdges"
      className="block w-full max-w-64 bg-white"
    >
      <path d={path} fill="#000" />
    </svg>
  )
}

const EDGE = 4

function drawn(text: string): { size: number; path: string } {
  const { modules } = create(text, { errorCorrectionLevel: 'M' })
  const rows = Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (_, column) =>
      modules.get(row, column) ? `M${column + EDGE} ${row + EDGE}h1v1h-1z` : '',
    ).join(''),
  )
  return { size: modules.size + 2 * EDGE, path: rows.join('') }
}
