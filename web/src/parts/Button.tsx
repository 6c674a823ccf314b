import clsx from 'clsx'
import type { ButtonHTMLAttributes, ReactNode } from 'react'

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** The one dark button of a screen, or a quiet one. */
  weight?: 'main' | 'quiet'
  keys?: string
  children: ReactNode
}

export function Button({ weight = 'quiet', keys, children, className, ...rest }: ButtonProps) {
  return (
    <button
      type="button"
      {...rest}
      className={clsx(
        weight === 'main'
          ? 'min-h-11 bg-ink px-4 py-2 font-bold text-on-ink disabled:opacity-60'
          : 'min-h-8 underline underline-offset-4 disabled:text-soft disabled:no-underline',
        className,
      )}
    >
      {children}
      {keys && (
        <span className="ml-3 hidden border border-current px-1.5 py-0.5 text-xs font-normal md:inline">
          {keys}
        </span>
      )}
    </button>
  )
}
