// A new start capacitor of a compressor, and the resistor that takes its charge down after every start: told alike wherever it is told.
import * as v from 'valibot'
import { figure } from '../quantity/display'

/** Across a start capacitor's posts. Common practice, no source. */
export const BLEED_RESISTOR = '15 kΩ 2 W'

/** Where its resistor comes from: the old one is moved over, a new one is put on, or it has one built in. */
export const BLEEDS = ['moved', 'new', 'built-in'] as const
/** Where its resistor comes from. */
export type Bleed = (typeof BLEEDS)[number]

const size = (what: string, unit: string, most: number) =>
  v.pipe(
    v.number(`${what} must be a number of ${unit}.`),
    v.gtValue(0, `${what} must be above 0 ${unit}.`),
    v.maxValue(most, `${what} above ${most} ${unit} is not believable.`),
  )

/** A start capacitor by its marking: a range, µF, and volts. */
export const StartCanSchema = v.pipe(
  v.strictObject({
    id: v.pipe(v.string(), v.minLength(1), v.maxLength(60)),
    name: v.pipe(v.string('The start capacitor’s name must be text.'), v.minLength(1), v.maxLength(300)),
    low: size('The start capacitor', 'µF', 3000),
    high: size('The start capacitor', 'µF', 3000),
    volts: size('The start capacitor’s volts', 'V', 1000),
    /** null: nobody said. */
    bleed: v.nullable(v.picklist(BLEEDS, `A resistor is one of: ${BLEEDS.join(', ')}.`)),
  }),
  v.check(({ low, high }) => low <= high, 'The lower end of the range is above the upper one.'),
)
/** A start capacitor that goes in, with its resistor. */
export type StartCan = v.InferOutput<typeof StartCanSchema>

const BLEED_WORDS: Readonly<Record<Bleed, string>> = {
  moved: 'the old one’s resistor moved across its posts',
  new: `a new ${BLEED_RESISTOR} resistor across its posts`,
  'built-in': 'its resistor built in',
}

/** "135–162 µF, 250 V" */
export const startMarking = ({ low, high, volts }: Pick<StartCan, 'low' | 'high' | 'volts'>): string =>
  `${figure(low)}–${figure(high)} µF, ${figure(volts)} V`

/** What is to be done about its resistor, where nobody said: that one belongs there. */
export const bleedWords = (bleed: Bleed | null): string =>
  bleed === null ? `a ${BLEED_RESISTOR} resistor belongs across its posts` : BLEED_WORDS[bleed]

const BLEED_SHORT: Readonly<Record<Bleed, string>> = {
  moved: 'Resistor: the old one',
  new: `Resistor: ${BLEED_RESISTOR}`,
  'built-in': 'Resistor: built in',
}
/** The same in so few words as a label has room for. */
export const bleedLabel = (bleed: Bleed | null): string =>
  bleed === null ? `Resistor ${BLEED_RESISTOR}: see to it` : BLEED_SHORT[bleed]
