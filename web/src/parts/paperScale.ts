/** A CSS pixel is a 96th of an inch, on paper as on the screen. CSS Values and Units Level 4, 5.2. */
const PX_PER_MM = 96 / 25.4

/** Reductions that a scale rule has, 1 to so many. ISO 5455:1979; 1 to 2.5 and 1 to 25: common practice. */
const REDUCED = [1, 2, 2.5, 5, 10, 20, 25, 50, 100]

/** 1 to so many, when printed at 100 %. */
const ratio = (pxPerMm: number): number => PX_PER_MM / pxPerMm

/** The largest of the usual scales that is no larger than what fits, px a mm. */
export function paperScale(fitting: number): number {
  const least = ratio(fitting) - 1e-9
  return PX_PER_MM / (REDUCED.find((one) => one >= least) ?? ratio(fitting))
}

/** A scale as a title block says it: 1 : 5. */
export function toldScale(pxPerMm: number): string {
  return `1 : ${Math.round(ratio(pxPerMm) * 10) / 10}`
}
