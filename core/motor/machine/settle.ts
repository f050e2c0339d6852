// The speed a motor comes to: from standstill it accelerates while there is torque to spare over the fan's.

const STEPS = 24
const HALVINGS = 22

/** The first slip, from 1 down, at which the load holds the motor. `excess`: torque less load at a slip; positive at standstill. */
export function settledSlip(excess: (slip: number) => number): number {
  let above = 1
  for (let i = 1; i <= STEPS; i++) {
    const slip = 1 - i / (STEPS + 1)
    if (excess(slip) < 0) return bisect(excess, slip, above)
    above = slip
  }
  return above
}

function bisect(excess: (slip: number) => number, held: number, free: number): number {
  let [low, high] = [held, free]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (excess(middle) < 0) low = middle
    else high = middle
  }
  return (low + high) / 2
}
