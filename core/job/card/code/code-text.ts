// The text of a card's code: short sentences that any phone shows and a person understands, and that this app reads back as the hookup.
// Version 1. Signs that a code packs tightly (capitals, figures, few others) wherever a name does not need others.
import { insulationCode } from '../../../motor/colour'
import { crc32 } from '../../../quantity/crc32'
import { figure } from '../../../quantity/display'
import type { CardRecord, RecordCan, RecordMotor, RecordWire } from './record'

export const CODE_HEAD = 'OAK SWITCH CARD'
export const CODE_VERSION = 1

const sum = (values: readonly number[]): string => values.map((x) => figure(x)).join('+')

/** The sentences of a record, without the last, which is the check sum of the others. */
function sentences(record: CardRecord): string[] {
  const { motor, can, plug } = record
  return [
    `${CODE_HEAD} ${CODE_VERSION}`,
    ...(record.date ? [record.date] : []),
    ...(record.site ? [`SITE ${record.site}`] : []),
    ...(record.unitName ? [`NAMED ${record.unitName}`] : []),
    `UNIT ${record.unit?.toUpperCase() ?? 'OF THE SHOP'}`,
    ...motorSentences(motor),
    ...record.wires.map(wireSentence),
    ...record.capped.map((insulation) => `${insulationCode(insulation)} CAPPED`),
    ...plug.joined.map((pair) => `PLUG ${pair.map(insulationCode).join(' TO ')}`),
    ...plug.open.map((insulation) => `PLUG ${insulationCode(insulation)} OPEN`),
    ...(can ? canSentences(can) : []),
    ...(record.compressorMicrofarads === null
      ? []
      : [`COMPRESSOR ${figure(record.compressorMicrofarads)}MFD`]),
    ...record.readings.map(({ mode, amps }) => `READ ${mode.toUpperCase()} ${figure(amps)}A`),
    `JOB ${record.job.replace(/-/g, '').toUpperCase()}`,
  ]
}

/** The text that goes into the code. */
export function writeCode(record: CardRecord): string {
  const text = sentences(record).join('. ')
  return `${text}. CHECK ${crc32(text)}`
}

function motorSentences(motor: RecordMotor): string[] {
  const { low, high } = motor.volts
  const volts = low === high ? figure(low) : `${figure(low)}-${figure(high)}`
  return [
    `MOTOR ${motor.name}`,
    `PLATE ${motor.horsepower}HP ${figure(motor.rpm)}RPM ${volts}V ${figure(motor.amps)}A ${motor.hertz}HZ ${motor.threePhase ? 3 : 1}PH`,
    ...(motor.capacitor
      ? [`NEEDS ${figure(motor.capacitor.microfarads)}MFD ${figure(motor.capacitor.volts)}V`]
      : []),
    `TURNS ${motor.turns.direction} FROM ${motor.turns.seenFrom.toUpperCase()}`,
  ]
}

const wireSentence = ({ insulation, role, speed, post }: RecordWire): string =>
  `${insulationCode(insulation)} ${role.toUpperCase()}${speed ? ` ${speed.toUpperCase()}` : ''} ON ${post}`

const canSentences = (can: RecordCan): string[] => [
  `CAN ${sum(can.sections)}MFD ${figure(can.volts)}V ${figure(can.tolerancePercent)}%`,
  ...can.sides.map(({ load, sections }) => `${load} SIDE ${sum(sections)}`),
]
