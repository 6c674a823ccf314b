/**
 * What tools are made of, once for every drawing of the page: a quiet tone for each, and a hatching in millimetres that
 * tells them apart without colour. Steel is plain.
 */
export function Materials() {
  return (
    <svg aria-hidden width={0} height={0} className="absolute">
      <defs>
        <pattern id="wood" width={70} height={11} patternUnits="userSpaceOnUse">
          <rect width={70} height={11} className="fill-timber" />
          <path
            d="M0 3Q18 1.5 36 3T70 3M8 8.5Q28 10 48 8.5"
            className="fill-none stroke-ink opacity-20"
            strokeWidth={0.7}
          />
        </pattern>
        <pattern id="brass" width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={5} height={5} className="fill-brass" />
          <path d="M0 2.5H5" className="stroke-ink opacity-30" strokeWidth={0.7} />
        </pattern>
        <pattern id="stone" width={7} height={7} patternUnits="userSpaceOnUse">
          <rect width={7} height={7} className="fill-stone" />
          <path d="M1 2H2M4 5.5H5M5.5 1.5H6.5" className="stroke-ink opacity-40" strokeWidth={1} />
        </pattern>
      </defs>
    </svg>
  )
}
