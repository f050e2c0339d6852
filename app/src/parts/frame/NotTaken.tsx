// An edit that cannot be kept is always said: beside its field where that has room for it, else here, at the page's foot.
import { useEffect, useState } from 'react'
import { useJobs } from '../../platform/state/app'
import { stageScreen } from './stage-screen'
import { isSaid } from './said'

/** For the field to say it first, ms. */
const FIELD_MS = 250

const Notice = stageScreen<{ readonly text: string; readonly onClose: () => void }>(
  async () => (await import('./Notice')).Notice,
  null,
)

export function NotTaken() {
  const notTaken = useJobs((s) => s.notTaken)
  const [shown, setShown] = useState<string | null>(null)
  useEffect(() => {
    if (!notTaken) return
    const timer = setTimeout(
      () => setShown(isSaid(notTaken.text, document.body) ? null : notTaken.text),
      FIELD_MS,
    )
    return () => clearTimeout(timer)
  }, [notTaken])
  return shown === null ? null : <Notice text={`Not kept. ${shown}`} onClose={() => setShown(null)} />
}
