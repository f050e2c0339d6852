// What is on the robot's van: the practice motors, and capacitors as they are usually carried.
import { VAN_MOTORS } from '../../core/practice/unit/motors'

const part = (id: string, volts: number, ...values: number[]) => ({
  id,
  name: id,
  volts,
  quantity: 2,
  cents: 1000 + 300 * values.length,
  sections: values.map((microfarads, i) => ({
    id: `${microfarads}${'abc'[values.slice(0, i).filter((x) => x === microfarads).length]}`,
    microfarads,
  })),
})

export const MOTORS = VAN_MOTORS
export const CANS = [
  part('Seven sections', 440, 30, 15, 10, 5, 4, 3.5, 2.5),
  part('Dual 35/5', 440, 35, 5),
  part('Dual 40/5', 440, 40, 5),
  part('Dual 45/5', 440, 45, 5),
  part('Dual 40/7.5', 440, 40, 7.5),
  part('Single 4', 440, 4),
  part('Single 5', 440, 5),
  part('Single 7.5', 440, 7.5),
  part('Single 10', 440, 10),
]
export const partOf = (id: string) => CANS.find((can) => can.id === id)
