import { useEffect } from 'react'

/** Keeps the screen awake while it is shown; a browser that cannot does without. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null
    const take = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
      lock = await navigator.wakeLock.request('screen').catch(() => null)
    }
    const retake = () => void take()
    retake()
    document.addEventListener('visibilitychange', retake)
    return () => {
      document.removeEventListener('visibilitychange', retake)
      void lock?.release()
    }
  }, [])
}
