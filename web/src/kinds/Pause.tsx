import { useEffect, useState } from 'react'

/** The writing time as a quiet bar. */
export function Pause({ seconds }: { seconds: number }) {
  const [gone, setGone] = useState(0)
  useEffect(() => {
    const timer = window.setInterval(() => setGone((n) => Math.min(n + 0.25, seconds)), 250)
    return () => window.clearInterval(timer)
  }, [seconds])
  return <progress className="progress progress-accent w-[min(520px,90%)]" value={gone} max={seconds} aria-label="Writing time" />
}
