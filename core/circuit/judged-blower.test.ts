// 5,000 seeded wirings of blowers, one to three things put otherwise in each, before a judge that was written apart from the proof.
import { judgeSeeded } from './testing/judged'

it('nothing that the copper condemns is proven or watched; nothing sound is refused without a reason', () => {
  const { dangerous, refused, sound, proven } = judgeSeeded('blower', 5000, 2026)
  expect(dangerous).toEqual([])
  expect(refused).toEqual([])
  // The draw holds both kinds, or the test would say nothing.
  expect(sound).toBeGreaterThan(200)
  expect(proven).toBeGreaterThan(125)
})
