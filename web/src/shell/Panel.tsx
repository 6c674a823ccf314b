import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

interface PanelProps {
  title: string
  open: boolean
  onClose: () => void
  children: ReactNode
}

/** A sheet laid over the page, closed with Escape. */
export function Panel({ title, open, onClose, children }: PanelProps) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[10vh] left-1/2 z-30 max-h-[80vh] w-[min(36rem,calc(100vw-2rem))] -translate-x-1/2 overflow-auto border-2 border-ink bg-sheet p-5"
        >
          <div className="mb-4 flex items-baseline justify-between gap-4 border-b border-rule pb-2">
            <Dialog.Title className="text-xl">{title}</Dialog.Title>
            <Dialog.Close className="min-h-8 text-sm text-soft underline underline-offset-4">
              Close
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
