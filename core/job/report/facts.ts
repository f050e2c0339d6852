// The facts of a job as a report tells them, each from what the record holds and nothing else; and what the record lacks.
import { bleedWords, startMarking } from '../../capacitor/start-can'
import { newStartCan } from '../inputs/start-can'
import { chargeName, chargeText } from './charge-words'
import type { Fact, SectionId } from './fact'
import { firstPower, PLAIN_FIRST } from './first-power-words'
import { partName } from './part-names'
import { probeName } from './probe-names'
import { valueText } from './reading-words'
import { recommendedWords } from './recommended'
import { strengthWords } from './strength-words'
import type { LeadId } from '../../motor/lead-id'
import { casesOf, type Case } from '../../capacitor/can'
import { ROLE_NAMES } from '../../motor/role'
import { figure } from '../../quantity/display'
import type { TemperatureUnit } from '../../quantity/temperature'
import { rotationText } from '../../rotation/view'
import { makeSafe } from '../../safety/make-safe'
import { safeProgress } from '../../safety/progress'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'
import type { Fault } from '../fields'
import { newCompressorCan } from '../inputs/compressor-can'
import { CAN_PROBES, chargeProbe, startProbe, SUPPLY_PROBE } from '../inputs/startup-input'
import { proofState, standingProof } from '../standing-proof'
import { jobStartUp, wasStarted } from '../start-up'
import { orderFacts, visitFacts, workFacts } from '../visit/visit-facts'
import { faultsOf } from '../visit/visit-state'

const both = (section: SectionId, text: string): Fact => ({ section, plain: text, technical: text })
const technical = (section: SectionId, text: string): Fact => ({ section, plain: null, technical: text })
const gap = (text: string): Fact => both('gaps', text)

/** Everything a report says, in its order; nothing that the record does not hold. `unit`: in which temperatures are read. */
export function factsOf(job: JobDocument, unit: TemperatureUnit): Fact[] {
  return [
    ...found(job),
    ...done(job),
    ...readings(job, unit),
    ...parts(job),
    ...orderFacts(job),
    ...recommended(job),
    ...gaps(job),
  ]
}

function found(job: JobDocument): Fact[] {
  return [...faultsOf(job).flatMap(faultFacts), ...oldParts(job)]
}

/** A fault with what spoke for it; of what was measured or seen, by what. */
function faultFacts({ name, strength, because }: Fault): Fact[] {
  const [plain, trade] = strength === 'found' ? ['Seen by', 'By'] : ['We believe so because', 'Speaks for it']
  return [
    { section: 'found', plain: `${name}.`, technical: `${name} (${strengthWords(strength)}).` },
    ...because.map((reason): Fact => ({
      section: 'found',
      plain: `${plain}: ${reason}`,
      technical: `${trade}: ${reason}`,
    })),
  ]
}

function oldParts({ motorPlate, canMarking, oldBlade }: JobDocument): Fact[] {
  const facts: Fact[] = []
  const hp = motorPlate?.horsepower[0]
  const old = [
    hp ? `${hp} hp` : '',
    motorPlate?.rpm[0] ? `${figure(motorPlate.rpm[0], 0)} rpm` : '',
    motorPlate?.amps[0] ? `${figure(motorPlate.amps[0])} A` : '',
  ].filter(Boolean)
  if (old.length > 0) facts.push(technical('found', `Old motor’s plate: ${old.join(', ')}.`))
  if (canMarking && canMarking.sections.length > 0)
    facts.push(
      technical(
        'found',
        `Old capacitor’s label: ${canMarking.sections.map((s) => figure(s)).join('/')} µF${canMarking.volts ? `, ${figure(canMarking.volts)} V` : ''}.`,
      ),
    )
  if (oldBlade?.diameterInches)
    facts.push(technical('found', `Old blade: ${figure(oldBlade.diameterInches)} in.`))
  return facts
}

function isSafe(job: JobDocument): boolean {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  if (!unit) return false
  const { state } = safeProgress(makeSafe(unit, []), job.safe)
  return state === 'safe' || state === 'waived'
}

function done(job: JobDocument): Fact[] {
  return [
    ...visitFacts(job),
    ...safety(job),
    ...newMotor(job),
    ...newCan(job),
    ...compressorCanFact(job),
    ...startCanFact(job),
    ...wiring(job),
    ...mounting(job),
    ...workFacts(job),
  ]
}

/** A proven plan is not yet a motor that is in: that takes something read or seen at start-up, also where that stopped it. */
const isFitted = (job: JobDocument): boolean => {
  const { kind } = proofState(job)
  return (kind === 'stands' || kind === 'stopped') && wasStarted(job)
}

function safety(job: JobDocument): Fact[] {
  const steps = Object.values(job.safe)
  if (steps.length === 0) return []
  const waived = steps.filter((s) => s.state === 'waived').length
  const made = steps.length - waived
  const facts: Fact[] = [
    {
      section: 'done',
      plain: isSafe(job) ? 'The unit was made safe before the work.' : null,
      technical: `Making safe: ${made === 1 ? 'one step' : `${made} steps`} done${waived > 0 ? `, ${waived} waived` : ''}.`,
    },
  ]
  if (!isSafe(job)) facts.push(technical('gaps', 'Making safe is recorded in part only.'))
  if (waived > 0)
    facts.push(technical('gaps', `${waived} safety ${waived === 1 ? 'step was' : 'steps were'} waived.`))
  return facts
}

function newMotor(job: JobDocument): Fact[] {
  const { motor, wanted, horsepower } = job
  if (!motor) return []
  if (job.motorStays)
    return [
      {
        section: 'done',
        plain: 'The fan motor stays.',
        technical: `The old motor stays: ${motor.name}${wanted ? `, turning ${rotationText(wanted)}` : ''}.`,
      },
    ]
  const set = horsepower ? `, set to ${horsepower} hp` : ''
  const turning = wanted ? `, turning ${rotationText(wanted)}` : ''
  return [
    {
      section: 'done',
      plain: `${isFitted(job) ? 'A new fan motor' : 'A new fan motor is planned'}: ${motor.name}.`,
      technical: `${motorState(job)}: ${motor.name}${set}${turning}.`,
    },
  ]
}

function motorState(job: JobDocument): string {
  if (proofState(job).kind === 'stopped') return 'New motor, stopped at start-up'
  if (isFitted(job)) return 'New motor'
  return standingProof(job)
    ? 'Motor, proven on the board and not recorded as running'
    : 'Planned motor, not proven'
}

function newCan(job: JobDocument): Fact[] {
  const { can, motor, compressorMicrofarads } = job
  if (!can || !motor?.capacitor) return []
  const stays = casesOf(can).find((c) => c.stays)
  const kept = stays ? [keptFact(stays)] : []
  // Kept whole, none of it is new.
  if (stays && casesOf(can).length === 1) return kept
  const compressor = compressorMicrofarads ? `, the compressor for ${figure(compressorMicrofarads)} µF` : ''
  const runs = isFitted(job)
  return [
    {
      section: 'done',
      plain: `${runs ? 'A new capacitor' : 'A new capacitor is planned'}: ${can.name}.`,
      technical: `${runs ? 'Capacitor' : 'Planned capacitor'}: ${can.name}, ${figure(can.volts)} V; the motor’s tag asks for ${figure(motor.capacitor.microfarads)} µF${compressor}.`,
    },
    ...kept,
  ]
}

/** A new capacitor of the compressor's own; planned until the fan was seen to run, or the visit is said to be at its end. */
function compressorCanFact(job: JobDocument): Fact[] {
  const can = newCompressorCan(job)
  if (!can) return []
  const isIn = isFitted(job) || job.ended !== null
  const asked = figure(job.compressorMicrofarads ?? 0)
  return [
    {
      section: 'done',
      plain: `A new capacitor for the compressor${isIn ? '' : ' is planned'}: ${can.name}.`,
      technical: `${isIn ? 'Compressor’s own capacitor' : 'Planned for the compressor'}: ${can.name}, ${figure(can.volts)} V; it asks for ${asked} µF.`,
    },
  ]
}

/** A new start capacitor of the compressor, with its resistor; planned as long as the other's would be. */
function startCanFact(job: JobDocument): Fact[] {
  const can = newStartCan(job)
  if (!can) return []
  const isIn = isFitted(job) || job.ended !== null
  return [
    {
      section: 'done',
      plain: `A new start capacitor for the compressor${isIn ? '' : ' is planned'}: ${can.name}.`,
      technical: `${isIn ? 'Compressor’s start capacitor' : 'Planned start capacitor'}: ${can.name}, ${startMarking(can)}; ${bleedWords(can.bleed)}.`,
    },
  ]
}

/** The old can, or the side of it that stays, with its own marking and reading: never told as new. */
function keptFact({ stays, sections }: Case): Fact {
  const read = sections.map((s) => `${figure(s.microfarads)} µF`).join(' and ')
  const marked = sections.map((s) => `${figure(s.marked ?? s.microfarads)} µF`).join(' and ')
  const whom = stays === 'HERM' ? 'the compressor' : stays === 'FAN' ? 'the fan' : 'compressor and fan'
  return {
    section: 'done',
    plain: `The old capacitor stays for ${whom}, by its reading of ${read}.`,
    technical: `The old capacitor stays for ${stays}: marked ${marked}, read ${read}.`,
  }
}

function wiring(job: JobDocument): Fact[] {
  const { motor, placements } = job
  const facts: Fact[] = []
  const proven = standingProof(job)
  if (proven)
    facts.push({
      section: 'done',
      plain: 'The wiring was checked by calculation.',
      technical: `Hookup: ${proven.sentence}`,
    })
  const roleOf = (lead: LeadId) => ROLE_NAMES[motor?.leads.find((l) => l.id === lead)?.role ?? 'run']
  const moved = Object.keys(placements).map((lead) => `${lead} (${roleOf(lead)})`)
  if (moved.length > 0 && motor)
    facts.push(technical('done', `Placed by hand on the board: ${moved.join(', ')}.`))
  return facts
}

function mounting({ mountChecks }: JobDocument): Fact[] {
  // A tick that was taken back is none.
  const checks = Object.values(mountChecks).filter((looked) => looked).length
  if (checks === 0) return []
  const [points, ticked] =
    checks === 1 ? ['One point', 'one check'] : [`${checks} points`, `${checks} checks`]
  return [
    {
      section: 'done',
      plain: `${points} of the mounting ${checks === 1 ? 'was' : 'were'} looked at before power.`,
      technical: `Mounting: ${ticked} ticked.`,
    },
  ]
}

/** Which meter a figure of the charge was taken from; nothing where it was typed. */
const meterOf = ({ measurements }: JobDocument, key: string): string =>
  measurements[chargeProbe(key)] ? ` (${measurements[chargeProbe(key)]?.meter})` : ''

/** A reading with the door off is not one of the unit as it runs. */
const doorWords = ({ startup }: JobDocument): string =>
  startup.door === 'open' ? ', read with the door off' : ''

/** What the fan did at the first power. */
function firstPowerFacts(job: JobDocument): Fact[] {
  const seen = firstPower(job)
  if (!seen) return []
  const isRight = seen === 'right'
  return [
    {
      section: 'readings',
      plain: isRight ? 'The fan turns the right way.' : `When it was last tested, ${PLAIN_FIRST[seen]}.`,
      technical: `First power: ${isRight ? 'it turned the right way' : PLAIN_FIRST[seen]}.`,
    },
  ]
}

function readings(job: JobDocument, unit: TemperatureUnit): Fact[] {
  const facts: Fact[] = []
  facts.push(...firstPowerFacts(job))
  const modes = job.unit ? (unitTypeFor(job.unit)?.modes ?? []) : []
  for (const mode of modes) {
    const amps = job.measurements[startProbe('amps', mode.id)]
    const inrush = job.measurements[startProbe('inrush', mode.id)]
    if (amps)
      facts.push({
        section: 'readings',
        plain: `In ${mode.name} the fan draws ${valueText(amps, unit)}${doorWords(job)}.`,
        technical: `Amps in ${mode.name}: ${valueText(amps, unit)}${doorWords(job)}${inrush ? `, inrush ${valueText(inrush, unit)}` : ''} (${amps.meter}).`,
      })
  }
  const named: readonly (readonly [string, string])[] = [
    [SUPPLY_PROBE, 'Supply, running'],
    [CAN_PROBES.amps, 'Start lead, running'],
    [CAN_PROBES.volts, 'Across the capacitor, running'],
  ]
  for (const [probe, name] of named) {
    const m = job.measurements[probe]
    if (m) facts.push(technical('readings', `${name}: ${valueText(m, unit)} (${m.meter}).`))
  }
  for (const [side, r] of Object.entries(job.readings))
    facts.push(
      technical('readings', `Old capacitor under load, ${side}: ${figure(r.amps)} A, ${figure(r.volts)} V.`),
    )
  const others = Object.entries(job.measurements).filter(
    ([probe]) =>
      !probe.includes('-start ') && !probe.startsWith('amps-inrush') && !probe.startsWith('celsius-charge'),
  )
  for (const [probe, m] of others)
    facts.push(technical('readings', `${probeName(probe)}: ${valueText(m, unit)} (${m.meter}).`))
  const charge = Object.entries(job.chargeFigures)
  if (job.refrigerant && charge.length > 0)
    facts.push(
      technical(
        'readings',
        `Charge, ${job.refrigerant}: ${charge.map(([key, x]) => `${chargeName(key)} ${chargeText(key, x, unit)}` + meterOf(job, key)).join(', ')}.`,
      ),
    )
  return facts
}

function parts(job: JobDocument): Fact[] {
  return Object.entries(job.taken).map(([line, { quantity }]) =>
    both('parts', `${quantity} × ${partName(job, line)}`),
  )
}

const recommended = ({ recommended: list }: JobDocument): Fact[] =>
  Object.values(list).map((one) => both('recommended', recommendedWords(one)))

/** Why nothing is called proven, in the owner's words and in the trade's. */
function unprovenGaps(job: JobDocument): Fact[] {
  const state = proofState(job)
  if (state.kind === 'stands') return []
  if (state.kind === 'ruled-out') return [gap(state.sentence)]
  if (state.kind !== 'stopped') return [gap('The hookup is not proven as it stands.')]
  return [
    {
      section: 'gaps',
      plain: `The first run showed something that is not put right yet: ${plainStop(job)}.`,
      technical: `Stopped at start-up, so not proven: ${state.sentence}`,
    },
  ]
}

/** What stopped the first run, without a figure or a lead's name. */
function plainStop(job: JobDocument): string {
  const answer = jobStartUp(job)
  const seen = firstPower(job)
  const volts = answer?.supply?.verdict
  // A motor that stands or trips is said first; a supply that is too high before a direction.
  const stops: readonly (readonly [boolean | undefined, string])[] = [
    [seen === 'backwards' && volts === 'high', 'the voltage at the unit is too high'],
    [seen !== undefined && seen !== 'right', seen && seen !== 'right' ? PLAIN_FIRST[seen] : ''],
    [volts === 'high', 'the voltage at the unit is too high'],
    [answer?.amps.some((a) => a.verdict === 'stop'), 'the motor draws too much current'],
    [answer !== null && answer.crossed !== null, 'two speeds are exchanged'],
    [volts === 'low', 'the voltage at the unit is too low'],
  ]
  return stops.find(([is]) => is)?.[1] ?? 'the new capacitor does not read what the motor asks for'
}

/** A visit that ends without a motor of its own lacks none: an estimate, other work, a part on order. */
const isOfFan = (job: JobDocument): boolean =>
  job.motor !== null ||
  [job.estimateLines, job.works, job.ordered].every((list) => Object.keys(list).length === 0)

function fanGaps(job: JobDocument): Fact[] {
  const started = Object.keys(job.measurements).some((probe) => probe.startsWith('amps-start '))
  return [
    ...(job.motor === null ? [gap('No motor is recorded.')] : unprovenGaps(job)),
    ...(job.startup.turned ? [] : [gap('Which way the fan turns was not recorded.')]),
    ...(started ? [] : [gap('No amps were recorded after the work.')]),
  ]
}

function gaps(job: JobDocument): Fact[] {
  return [
    ...(faultsOf(job).length > 0 ? [] : [gap('What failed, and why, is not on record.')]),
    ...(isOfFan(job) ? fanGaps(job) : []),
    ...(Object.keys(job.safe).length > 0
      ? []
      : [{ section: 'gaps' as const, plain: null, technical: 'Making safe is not on record.' }]),
    ...(Object.keys(job.photos).length > 0
      ? []
      : [{ section: 'gaps' as const, plain: null, technical: 'No photos were taken.' }]),
  ]
}
