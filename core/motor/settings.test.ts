import { leadSheetById } from './lead-sheets'
import { selectSpeedLike, selectSpeeds } from './settings'

const ECM = leadSheetById('teal-33e')!
const speedLike = (rpm: number | null, poles: number | null = null) =>
  selectSpeedLike(ECM, { rpm, poles })?.rpm ?? null

it('the select speed of the old motor’s class, by its rpm or its poles; none where it is not known or not offered', () => {
  const rpms = selectSpeeds(ECM).map((s) => s.rpm)
  expect([...rpms].sort()).toEqual([1075, 825].sort())
  // Six poles run a little below 1200, eight below 900 (120 × 60 / poles).
  expect([speedLike(1140), speedLike(850)]).toEqual([1075, 825])
  expect([speedLike(null, 6), speedLike(null, 8)]).toEqual([1075, 825])
  expect([speedLike(null), speedLike(1725), speedLike(null, 4)]).toEqual([null, null, null])
  // What is read of the poles counts before what is read of the speed.
  expect(speedLike(1140, 8)).toBe(825)
})
it('a blower’s taps are no select speeds: which of them is live is not set at its leads', () =>
  expect(selectSpeeds(leadSheetById('alder-33b')!)).toEqual([]))
