import { useCallback, useMemo } from 'react'
import { useDraft } from './useDraft'

type Typed = Record<string, string>

const NOTHING: Typed = {}

/**
 * What has been typed into a form that is not written down yet. Lengths keep the unit they were typed in; names,
 * prices and counts have none.
 */
export function useTyped(
  name: string,
  base: Typed,
  unit: string,
  version: number,
  lengths: readonly string[],
) {
  const names = lengths.join(' ')
  const isLength = useMemo(() => new Set(names.split(' ')), [names])
  const inUnit = useDraft<Typed>(`${name} lengths`, NOTHING, unit, version)
  const plain = useDraft<Typed>(name, NOTHING, '', version)
  const { change: changeLength, clear: clearLengths, keep: keepLengths } = inUnit
  const { change: changePlain, clear: clearPlain, keep: keepPlain } = plain

  return {
    values: { ...base, ...plain.values, ...inUnit.values } as Typed,
    version: Math.min(inUnit.version, plain.version),
    overtaken: inUnit.overtaken || plain.overtaken,
    touched: Object.keys(inUnit.values).length + Object.keys(plain.values).length > 0,
    change: useCallback(
      (field: string, text: string) => (isLength.has(field) ? changeLength : changePlain)({ [field]: text }),
      [isLength, changeLength, changePlain],
    ),
    clear: useCallback(() => {
      clearLengths()
      clearPlain()
    }, [clearLengths, clearPlain]),
    keep: useCallback(() => {
      keepLengths()
      keepPlain()
    }, [keepLengths, keepPlain]),
  }
}
