import { useEffect, useRef } from 'react'

const TYPING = 'input, textarea, select, [contenteditable=true], [role=dialog] *'

/** Single keys for actions; they never fire while a field is being typed in or a dialog is open. */
export function useKeys(actions: Readonly<Record<string, () => void>>): void {
  const current = useRef(actions)
  useEffect(() => {
    current.current = actions
  })
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof Element && event.target.closest(TYPING) !== null
      if (typing || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
      const action = current.current[event.key]
      if (action) {
        event.preventDefault()
        action()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
