import type { Schemas } from '@/api/client'

export type Typed = Readonly<Record<string, string>>

/** How many settings and stops can be typed. */
export const SETTINGS = 4
export const STOPS = 6

/** Fields that are lengths: they keep the unit they were typed in. */
export const LENGTHS = ['roller', ...Array.from({ length: SETTINGS }, (_, index) => `projection${index}`)]

/** The fields of a guide as it is kept. */
export function baseOf(guide: Schemas['Guide'] | null): Typed {
  if (!guide) return { name: '', seat: 'chisel', stop0: '25', stop1: '30' }
  return {
    name: guide.name,
    seat: guide.seat,
    roller: guide.roller,
    ...Object.fromEntries(
      guide.settings.flatMap((setting, index) => [
        [`projection${index}`, setting.projection],
        [`angle${index}`, setting.angle],
      ]),
    ),
    ...Object.fromEntries(guide.stops.map((stop, index) => [`stop${index}`, stop])),
  }
}

/** What is typed as the application takes it; rows left empty at the end are left out. */
export function sentOf(values: Typed): Schemas['GuideFormRequest'] {
  const settings = Array.from({ length: SETTINGS }, (_, index) => ({
    projection: values[`projection${index}`] ?? '',
    angle: values[`angle${index}`] ?? '',
  }))
  const stops = Array.from({ length: STOPS }, (_, index) => values[`stop${index}`] ?? '')
  return {
    name: values.name ?? '',
    seat: values.seat === 'iron' ? 'iron' : 'chisel',
    roller: values.roller ?? '',
    settings: upToLast(settings, (row) => row.projection !== '' || row.angle !== ''),
    stops: upToLast(stops, (stop) => stop !== ''),
  }
}

/** Rows to show: those typed and one empty to go on with. */
export const shownRows = (typed: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, typed + 1))

function upToLast<T>(rows: readonly T[], filled: (row: T) => boolean): T[] {
  return rows.slice(0, rows.map(filled).lastIndexOf(true) + 1)
}
