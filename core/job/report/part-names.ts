// Parts that were taken of the van, by name.
import type { JobDocument } from '../document'

/** What was taken of the van, by the name it has in the job; else what kind of part it is. */
export function partName({ motor, can, compressorCan, startCan }: JobDocument, line: string): string {
  if (motor && line === `motor-${motor.id}`) return motor.name
  const at = can?.id.split('+').indexOf(line) ?? -1
  const name = at >= 0 ? can?.name.split(' + ')[at] : undefined
  if (name) return name
  if (compressorCan?.id === line) return compressorCan.name
  if (startCan?.id === line) return startCan.name
  const [kind = '', ...words] = line.split('-')
  const kinds: Readonly<Record<string, string>> = {
    motor: 'motor',
    capacitor: 'capacitor',
    blade: 'blade',
    part: 'part',
  }
  return kinds[kind] ? `${kinds[kind]} “${words.join(' ')}”` : line.replace(/-/g, ' ')
}
