import type { KeyboardEvent, ReactNode } from 'react'

interface ReadingsProps {
  title?: string
  /** Ctrl+Enter; null while there is nothing to record. */
  onRecord: (() => void) | null
  children: ReactNode
}

/** The figures in the order they are taken: Enter goes to the next one and never records. */
export function Readings({ title = 'Readings', onRecord, children }: ReadingsProps) {
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    if (event.key !== 'Enter') return
    const inField = event.target instanceof HTMLInputElement
    if (event.ctrlKey || event.metaKey) {
      event.preventDefault()
      onRecord?.()
    } else if (inField) {
      event.preventDefault()
      focusNext(event.currentTarget, event.target as HTMLInputElement)
    }
  }

  return (
    // The keys belong to the fields inside; the section itself is no control.
    <section aria-label={title} onKeyDown={onKeyDown}>
      <h2 className="mb-1 text-lg">{title}</h2>
      {children}
    </section>
  )
}

function focusNext(section: HTMLElement, from: HTMLInputElement): void {
  const fields = [...section.querySelectorAll<HTMLInputElement>('input[data-reading]')]
  fields[(fields.indexOf(from) + 1) % fields.length]?.focus()
}
