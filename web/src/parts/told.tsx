import { Fragment, type ReactNode } from 'react'
import { type ToldPart, toldParts } from './toldParts'
import { unbroken } from './unbroken'

/** A sentence with its numbers kept together, and inches in real fractions. */
export function told(text: string): ReactNode {
  // Most sentences have no fraction, and stay a string.
  if (!text.includes('/')) return unbroken(text)
  return toldParts(text).map((part, index) => (
    <Fragment key={index}>{part.kind === 'fraction' ? <Fraction {...part} /> : unbroken(part.text)}</Fragment>
  ))
}

/** A figure that is an answer: its unit smaller than itself. */
export function Figures({ text }: { text: string }) {
  return toldParts(text).map((part, index) => (
    <Fragment key={index}>
      {part.kind === 'fraction' && <Fraction {...part} />}
      {part.kind === 'unit' && <span className="text-[0.6em]">{part.text}</span>}
      {part.kind === 'words' && part.text}
    </Fragment>
  ))
}

function Fraction({ whole, above, below }: Extract<ToldPart, { kind: 'fraction' }>) {
  return (
    <span className="whitespace-nowrap">
      {whole && `${whole}\u2009`}
      <span className="fraction-above">{above}</span>⁄<span className="fraction-below">{below}</span>
    </span>
  )
}
