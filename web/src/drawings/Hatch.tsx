/** Hatching that says “proud, take off here” without colour. */
export function Hatch({ id }: { id: string }) {
  return (
    <pattern id={id} width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width={7} height={7} className="fill-blue-wash" />
      <line x1={0} y1={0} x2={0} y2={7} className="stroke-blue" strokeWidth={2} />
    </pattern>
  )
}
