// A match over 2,000 stock motors, as the worker runs it: input checked, rows made, ranked. Against the check alone, in this run.
import * as v from 'valibot'
import { LEAD_SHEETS } from '../../core/motor/lead-sheets'
import { matchMotor } from '../../core/operations/match-motor'
import { runOperation } from '../../core/operations/registry'
import { median } from './median'

const MOTORS = 2000
const WANTED_MS = 50

function timeOf(work: () => unknown): number {
  const from = performance.now()
  work()
  return performance.now() - from
}

export function benchMatch(): void {
  const candidates = Array.from({ length: MOTORS }, (_, i) => ({
    ...LEAD_SHEETS[i % LEAD_SHEETS.length],
    id: `m-${i}`,
    name: `Motor ${i}`,
  }))
  const plate = {
    horsepower: ['1/4'],
    rpm: [1075],
    volts: [{ low: 208, high: 230 }],
    amps: [1.5],
    hertz: [60],
    phase: 1,
    rotation: null,
    reversible: null,
    microfarads: 5,
    capacitorVolts: 370,
    poles: null,
    speeds: null,
    frame: null,
  }
  const input = { old: { fan: 'outdoor', plate, unitVolts: 230 }, candidates }
  const parsed = v.parse(matchMotor.input, input)
  for (let i = 0; i < 5; i++) runOperation('match-motor', input)
  const match = median(Array.from({ length: 9 }, () => timeOf(() => matchMotor.run(parsed, {}))))
  const whole = median(Array.from({ length: 9 }, () => timeOf(() => runOperation('match-motor', input))))
  console.log(
    `match-motor over ${MOTORS} motors: ${match.toFixed(1)} ms (wanted below ${WANTED_MS})${match > WANTED_MS ? '  ABOVE' : ''}; with its input checked ${whole.toFixed(1)} ms, ${(whole / match).toFixed(1)} times that`,
  )
}
