import clsx from 'clsx'
import { type ButtonHTMLAttributes, type ReactNode, useEffect, useRef } from 'react'
import { useMayRecord } from './useMayRecord'

const CTRL_ENTER = 'Ctrl Enter'

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** The one dark button of a screen, or a quiet one. */
  weight?: 'main' | 'quiet'
  keys?: string
  /** It records something at the bench: whoever may only look at it sees no such button. */
  writes?: boolean
  children: ReactNode
}

export function Button({ writes = false, ...rest }: ButtonProps) {
  return writes ? <Writing {...rest} /> : <Pressed {...rest} />
}

/** Apart, so that a button at the door asks nothing of a bench. */
function Writing(rest: Omit<ButtonProps, 'writes'>) {
  return useMayRecord() && <Pressed data-writes {...rest} />
}

function Pressed({ weight = 'quiet', keys, children, className, ...rest }: Omit<ButtonProps, 'writes'>) {
  const button = useRef<HTMLButtonElement>(null)
  useCtrlEnter(button, keys === CTRL_ENTER)
  return (
    <button
      ref={button}
      data-keys={keys}
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

/** The keys that stand on a button work wherever on the page one is; a field that takes them itself comes first. */
function useCtrlEnter(button: React.RefObject<HTMLButtonElement | null>, shown: boolean): void {
  useEffect(() => {
    if (!shown) return
    const onKey = (event: KeyboardEvent) => {
      const isIt = event.key === 'Enter' && (event.ctrlKey || event.metaKey) && !event.repeat
      if (!isIt || event.defaultPrevented || document.querySelector('[role=dialog]')) return
      // Of several the first that can be pressed.
      const first = document.querySelector(`button[data-keys='${CTRL_ENTER}']:not(:disabled)`)
      if (first !== button.current) return
      event.preventDefault()
      button.current?.click()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [button, shown])
}
