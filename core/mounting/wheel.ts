// A blower wheel in its housing: equal gaps on both sides, so that it neither rubs nor lets air past.

/** Less than this on a side rubs once the housing warms. Common practice, no source. */
const LEAST_GAP_INCHES = 0.125

/** How a wheel is moved to the middle of its housing, in. */
export interface WheelPosition {
  /** Each side's gap once it is in the middle. */
  readonly gap: number
  /** Move it by this much; plus: away from the motor. */
  readonly shift: number
  readonly verdict: 'centred' | 'move' | 'too-wide'
  readonly text: string
}

/** Gaps as measured: at the motor's side and at the far side, in. Derived: half their difference. */
export function centreWheel(motorSide: number, farSide: number): WheelPosition {
  const gap = (motorSide + farSide) / 2
  const shift = (farSide - motorSide) / 2
  if (gap < LEAST_GAP_INCHES - 1e-9)
    return {
      gap,
      shift,
      verdict: 'too-wide',
      text: 'There is not room enough for this wheel: it would rub even in the middle.',
    }
  if (Math.abs(shift) < 1 / 32 - 1e-9)
    return { gap, shift, verdict: 'centred', text: 'It is in the middle to within a mark of the tape.' }
  return { gap, shift, verdict: 'move', text: `Move it ${shift > 0 ? 'away from' : 'towards'} the motor.` }
}
