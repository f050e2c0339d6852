// A motor for two voltages, such as 115/230: which of them its leads are joined for decides what supply it takes and what it draws.
import { figure, rangeFigure } from '../quantity/display'
import type { LeadSheet, VoltsChoice } from './lead-sheet'

/** A plate that names more than this many times its lower volts names two voltages, no range: 208-230 is one, 115-230 is not. Our judgement. */
const WIDEST_RANGE = 1.3

type Dual = Pick<LeadSheet, 'nameplate'> & {
  readonly settings: {
    readonly volts?: LeadSheet['settings']['volts']
    readonly horsepower: readonly { readonly amps: number }[]
  }
}

/** The voltages that its leads can be joined for; empty: it has one, as it comes. */
export function voltsChoices({ nameplate: { volts }, settings }: Dual): readonly VoltsChoice[] {
  if (settings.volts && settings.volts.length > 0) return settings.volts
  if (volts.high <= WIDEST_RANGE * volts.low) return []
  return [volts.low, volts.high].map((one) => ({ volts: { low: one, high: one }, amps: null, how: '' }))
}

/** The choice's own name: "208-230". */
export const voltsName = ({ volts }: Pick<VoltsChoice, 'volts'>): string => rangeFigure(volts)

/** What it takes, V: of a motor for several voltages each of them. */
export function voltsTaken(sheet: Dual): readonly VoltsChoice['volts'][] {
  const choices = voltsChoices(sheet)
  return choices.length > 0 ? choices.map((c) => c.volts) : [sheet.nameplate.volts]
}

/** "208–230 V"; of a motor for two voltages "115/230 V". */
export const voltsText = (sheet: Dual): string => `${voltsTaken(sheet).map(rangeFigure).join('/')} V`

/** Times the sheet's amps that it draws when it is joined for a supply, V; 1 where its tag says nothing of that. */
export function ampsFactor(sheet: Dual, supply: number): number {
  const choices = voltsChoices(sheet)
  return choices.length > 0 ? factorOf(sheet, nearestTo(choices, supply)) : 1
}

function factorOf({ settings: { horsepower } }: Dual, { amps }: VoltsChoice): number {
  const [first] = horsepower
  return amps !== null && first ? amps / first.amps : 1
}

function nearestTo(choices: readonly VoltsChoice[], supply: number): VoltsChoice {
  const off = ({ volts }: VoltsChoice) => Math.abs(Math.log((volts.low + volts.high) / 2 / supply))
  return choices.reduce((best, c) => (off(c) < off(best) ? c : best))
}

/** A sheet as it is joined, and what is not stated of that. */
export interface SheetOnVolts {
  readonly sheet: LeadSheet
  /** In a sentence that follows "Cannot tell yet:"; null: nothing is open. */
  readonly open: string | null
}

/**
 * The sheet with the volts and amps of the choice of that name. While none is made it is taken as joined for `supply`, V, so that the rest
 * can be worked out, and that is said to be open. Amps of further horsepowers and of speeds follow in proportion (the same watts).
 */
export function sheetOnVolts(sheet: LeadSheet, chosen: string | null, supply: number): SheetOnVolts {
  const choices = voltsChoices(sheet)
  if (choices.length === 0) return { sheet, open: null }
  const choice = choices.find((c) => voltsName(c) === chosen)
  const names = choices.map(voltsName).join(' or ')
  return {
    sheet: joinedFor(sheet, choice ?? nearestTo(choices, supply)),
    open: choice
      ? null
      : `the motor is for ${names} V: which of them its leads are joined for is not stated. The supply is ${figure(supply, 0)} V.`,
  }
}

function joinedFor(sheet: LeadSheet, choice: VoltsChoice): LeadSheet {
  const { settings } = sheet
  const factor = factorOf(sheet, choice)
  return {
    ...sheet,
    nameplate: { ...sheet.nameplate, volts: choice.volts },
    settings: {
      ...settings,
      volts: [choice],
      horsepower: settings.horsepower.map((c) => ({ ...c, amps: c.amps * factor })),
      speed: settings.speed.map((c) => ({ ...c, amps: c.amps === null ? null : c.amps * factor })),
    },
  }
}
