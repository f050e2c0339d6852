// A figure that runs is not read out at every change: an ear would hear nothing else. It is, once it stands.
import { useStood } from '../../ui/use-stood'

/** Long enough that it is no passing figure, short enough that nobody waits for it, ms. Our judgement. */
export const SETTLED_MS = 1500

/** The text that has stood so long; '' while it runs. */
export function useSettled(text: string): string {
  const settled = useStood(text, SETTLED_MS, '')
  return settled === text ? text : ''
}
