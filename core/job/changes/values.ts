// The value of a field with one value, in the trade's words.
import { bleedWords, startMarking } from '../../capacitor/start-can'
import type * as v from 'valibot'
import type { Can } from '../../capacitor/can'
import type { CanMarking } from '../../capacitor/marking'
import type { Aim } from '../../capacitor/stock-plan/aims'
import { insulationName } from '../../motor/colour'
import type { MotorPlate, UnitPlate, VoltageRange } from '../../motor/nameplate'
import { dayWords } from '../../quantity/day'
import { figure, listed, rangeFigure } from '../../quantity/display'
import { rotationText } from '../../rotation/view'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'
import type { FieldName, FIELDS } from '../fields'
import { moneyText, taxText } from '../report/estimate'
import { strengthWords } from '../report/strength-words'
import { postWords } from './places'

type Value<Field extends FieldName> = v.InferOutput<(typeof FIELDS)[Field]>
type Words<Field extends FieldName> = (value: Value<Field>, job: JobDocument) => string

const LONGEST = 120
/** What a person wrote, as far as a line has room. */
export const quoted = (text: string): string =>
  text === '' ? 'left empty' : `“${text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text}”`
/** "yes" */
export const yesNo = (value: boolean): string => (value ? 'yes' : 'no')
const joined = (values: readonly number[], unit: string): string =>
  `${values.map((x) => figure(x)).join(' / ')} ${unit}`
const volts = (ranges: readonly VoltageRange[]): string => `${ranges.map(rangeFigure).join(' / ')} V`
const known = (parts: readonly (string | null)[]): string =>
  parts.filter((part): part is string => part !== null).join(', ') || 'nothing readable'

const plateWords = (plate: MotorPlate): string =>
  known([
    plate.horsepower.length > 0 ? `${plate.horsepower.join(' / ')} hp` : null,
    plate.rpm.length > 0 ? joined(plate.rpm, 'rpm') : null,
    plate.volts.length > 0 ? volts(plate.volts) : null,
    plate.amps.length > 0 ? joined(plate.amps, 'A') : null,
    plate.phase === null ? null : `${plate.phase} ph`,
    plate.microfarads === null ? null : `${figure(plate.microfarads)} µF`,
    plate.reversible ? 'reversible' : (plate.rotation?.direction ?? null),
    plate.poles === null ? null : `${plate.poles} poles`,
  ])

const unitWords = (plate: UnitPlate): string =>
  known([
    plate.volts.length > 0 ? volts(plate.volts) : null,
    plate.phase === null ? null : `${plate.phase} ph`,
    plate.fanAmps === null ? null : `fan ${figure(plate.fanAmps)} A`,
    plate.compressorAmps === null ? null : `compressor ${figure(plate.compressorAmps)} A`,
    plate.circuitAmps === null ? null : `circuit ${figure(plate.circuitAmps)} A at least`,
    plate.maxFuseAmps === null ? null : `fuse ${figure(plate.maxFuseAmps)} A at most`,
    plate.refrigerant,
  ])

const markingWords = ({ sections, range, volts: rated, tolerancePercent }: CanMarking): string =>
  known([
    sections.length > 0 ? `${sections.map((x) => figure(x)).join('/')} µF` : null,
    range && `${rangeFigure(range)} µF`,
    rated === null ? null : `${figure(rated)} V`,
    tolerancePercent === null ? null : `±${figure(tolerancePercent)} %`,
  ])

const canWords = ({ name, volts: rated, sections }: Can): string =>
  `${name}, ${sections.map((s) => figure(s.microfarads)).join(' + ')} µF, ${figure(rated)} V`

const UNTOLD = 'not told'

const AIM_NAMES: Readonly<Record<Aim, string>> = {
  parts: 'fewest capacitors',
  error: 'closest µF',
  jumpers: 'fewest jumpers',
  versatile: 'multi-taps kept',
  cost: 'cheapest',
  opened: 'least from the van',
}

/** Each field in its own words; complete by its type. */
export const VALUE_WORDS: { readonly [Field in FieldName]: Words<Field> } = {
  title: quoted,
  site: quoted,
  notes: quoted,
  owner: quoted,
  unitName: quoted,
  supplyVolts: (x) => `${figure(x)} V`,
  supplyHertz: (x) => `${x} Hz`,
  hertz: (x) => `${x} Hz`,
  tolerancePercent: (x) => `±${figure(x)} %`,
  estimateTerms: ({ taxThousandths, validDays }) =>
    `tax ${taxText(taxThousandths)}, valid for ${validDays} days`,
  acceptance: ({ name, cents }) => `${quoted(name)}, ${moneyText(cents)}`,
  removed: (x) => (x ? 'off the list' : 'back on the list'),
  unit: (id) => unitTypeFor(id)?.name ?? UNTOLD,
  motor: ({ name }) => name,
  motorStays: (x) => (x ? 'it stays' : 'it goes'),
  horsepower: (x) => `${x} hp`,
  wanted: rotationText,
  plug: (x) => `set ${x}`,
  speed: (x) => x,
  canPut: ({ jumpers, wires }) =>
    `put by hand: ${jumpers.length === 1 ? 'one jumper' : `${jumpers.length} jumpers`}${wires.length > 0 ? ', wires moved' : ''}`,
  motorVolts: (x) => `joined for ${x} V`,
  frameGrounded: (x) => (x ? 'grounded otherwise' : 'not grounded otherwise'),
  can: canWords,
  compressorCan: canWords,
  compressorCanVolts: (x) => `${figure(x)} V`,
  hardStart: (post, job) => `to ${postWords(job, post)}`,
  compressorMicrofarads: (x) => `${figure(x)} µF`,
  prefer: (x) => (x === 'exact' ? 'closest first' : 'fewest jumpers first'),
  aims: (list) => `${list.map((aim) => AIM_NAMES[aim]).join(', then ')}`,
  proven: ({ sentence }) => sentence,
  discharge: ({ ohms, microfarads }) => `${joined(microfarads, 'µF')} through ${figure(ohms)} Ω`,
  fault: ({ name, strength }) => `${name} (${strengthWords(strength)})`,
  comeBack: ({ on, why }) => `${quoted(why)}, ${on === null ? 'no day set' : dayWords(on)}`,
  ended: () => 'at its end',
  motorPlate: plateWords,
  unitPlate: unitWords,
  canMarking: markingWords,
  oldBody: ({ shaftInches, frameInches, bodyInches }) =>
    known([
      shaftInches === null ? null : `shaft ${figure(shaftInches, 3)} in`,
      frameInches === null ? null : `frame ${figure(frameInches, 3)} in`,
      bodyInches === null ? null : `body ${figure(bodyInches, 3)} in`,
    ]),
  oldBlade: ({ diameterInches, blades, pitchDegrees }) =>
    known([
      diameterInches === null ? null : `${figure(diameterInches, 3)} in`,
      blades === null ? null : `${blades} blades`,
      pitchDegrees === null ? null : `${figure(pitchDegrees)}°`,
    ]),
  ohmLeads: ({ leads }) => (leads.length === 0 ? 'none' : listed(leads.map(insulationName))),
  steepBlades: (x) => (x ? 'steep' : 'usual'),
  refrigerant: (x) => x,
  startCan: (x) => `${x.name}, ${startMarking(x)}, ${bleedWords(x.bleed)}`,
  startWanted: (x) => `${rangeFigure(x)} µF, ${figure(x.volts)} V`,
}
