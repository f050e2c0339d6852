// The size of letters that this device is set to, for all text outside of pictures.

/** What a browser takes for one `rem` unless it is told otherwise, px. */
const USUAL_REM_PX = 16
const MOST = 2

/** `rem` in px; 1 and 2 are the ends: smaller letters are not read in the sun, larger ones leave no room for words. */
export const scaleOf = (rem: number): number =>
  Number.isFinite(rem) ? Math.min(MOST, Math.max(1, rem / USUAL_REM_PX)) : 1

/** Taken once: a browser says nothing when it is changed. */
export const TEXT_SCALE =
  typeof document === 'undefined'
    ? 1
    : scaleOf(Number.parseFloat(getComputedStyle(document.documentElement).fontSize))
