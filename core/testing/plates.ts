// Made-up plates of fan motors as they are sold: horsepower, volts, rpm, amps and µF that go together. The shape follows NEMA MG 1's
// permanent split capacitor fan motors (from memory): efficiency 45 to 72 %, power factor 0.85 to 0.99, tags of 370 V capacitors.
import { TRADE_MICROFARADS } from '../capacitor/tap-plan/testing/instances'
import { WATTS_PER_HORSEPOWER } from '../motor/horsepower'
import type { LeadSheet } from '../motor/lead-sheet'
import { sheetOf } from './fixtures'

const nearest = (value: number): number =>
  TRADE_MICROFARADS.reduce((best, v) => (Math.abs(v - value) < Math.abs(best - value) ? v : best))

interface PlateKind {
  readonly base: string
  readonly horsepower: readonly (readonly [string, number])[]
  readonly rpm: readonly number[]
  readonly volts: readonly { readonly low: number; readonly high: number }[]
}
const KINDS: Readonly<Record<'outdoor' | 'blower', PlateKind>> = {
  outdoor: {
    base: 'rowan-25r',
    horsepower: [
      ['1/8', 1 / 8],
      ['1/6', 1 / 6],
      ['1/5', 1 / 5],
      ['1/4', 1 / 4],
      ['1/3', 1 / 3],
      ['1/2', 1 / 2],
      ['3/4', 3 / 4],
    ],
    rpm: [1075, 1100, 825, 850, 1140],
    volts: [{ low: 208, high: 230 }],
  },
  blower: {
    base: 'alder-33b',
    horsepower: [
      ['1/5', 1 / 5],
      ['1/4', 1 / 4],
      ['1/3', 1 / 3],
      ['1/2', 1 / 2],
      ['3/4', 3 / 4],
    ],
    rpm: [1075, 1100, 1050],
    volts: [{ low: 115, high: 115 }],
  },
}

/** A lead sheet of a made-up plate on the leads of a demo motor; its constants are left to be fitted. */
export function plateSheet(kind: 'outdoor' | 'blower', draw: () => number): LeadSheet {
  const { base, horsepower, rpm, volts } = KINDS[kind]
  const pick = <T>(list: readonly T[]): T => list[Math.floor(draw() * list.length)] as T
  const [name, hp] = pick(horsepower)
  const range = pick(volts)
  const efficiency = 0.4 + 0.34 * draw()
  const factor = 0.75 + 0.24 * draw()
  const amps = Math.round((100 * hp * WATTS_PER_HORSEPOWER) / (efficiency * factor * range.high)) / 100
  // What a balanced auxiliary takes: between half and the whole of the apparent power through the capacitor, at 300 to 370 V on it.
  const onIt = 300 + 70 * draw()
  const microfarads = nearest(
    ((0.4 + 0.7 * draw()) * amps * range.high * 1e6) / (2 * Math.PI * 60 * onIt ** 2),
  )
  const sheet = sheetOf(base)
  const rated = pick(rpm)
  return {
    ...sheet,
    constants: null,
    nameplate: { volts: range, hertz: 60, rpm: rated },
    capacitor: { microfarads, volts: 370 },
    settings: {
      ...sheet.settings,
      horsepower: sheet.settings.horsepower
        .slice(0, 1)
        .map((c) => ({ ...c, horsepower: name, coversFrom: null, amps })),
      speed: sheet.settings.speed.map((s, i) => ({
        ...s,
        rpm: Math.round(rated * (1 - 0.12 * i)),
        amps: Math.round(100 * amps * (1 - 0.2 * i)) / 100,
      })),
    },
  }
}
