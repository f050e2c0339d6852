// Where a reading was taken, as one says it; the keys under which a job keeps readings are nobody's words.

const NAMES: Readonly<Record<string, string>> = {
  'volts-supply': 'Supply, at the unit',
  'volts-call': 'The 24 V call',
  'volts-motor': 'Motor common to run',
  'volts-output': 'The output that is called',
  'volts-capacitor': 'Left on the capacitor',
  'amps-motor': 'Old motor',
  'amps-low': 'Old motor, low speed',
  'amps-medium': 'Old motor, medium speed',
  'amps-high': 'Old motor, high speed',
  'microfarads-FAN': 'Old capacitor, fan side',
  'microfarads-HERM': 'Old capacitor, compressor side',
  'ohms-common-run': 'Old motor, common to run',
  'ohms-common-start': 'Old motor, common to start',
  'ohms-run-start': 'Old motor, run to start',
  'ohms-frame': 'Old motor, windings to frame',
  'celsius-motor': 'Shell of the old motor',
  'ohms-can-FAN': 'Old capacitor, fan side, ohms across',
  'ohms-can-HERM': 'Old capacitor, compressor side, ohms across',
  'volts-compressor': 'Compressor, line to line',
  'ohms-compressor-CR': 'Compressor, C to R',
  'ohms-compressor-CS': 'Compressor, C to S',
  'ohms-compressor-RS': 'Compressor, R to S',
  'ohms-shell-C': 'Compressor, C to the shell',
  'ohms-shell-R': 'Compressor, R to the shell',
  'ohms-shell-S': 'Compressor, S to the shell',
}
const QUANTITIES: Readonly<Record<string, string>> = {
  volts: 'Volts',
  amps: 'Amps',
  ohms: 'Ohms',
  microfarads: 'Microfarads',
  celsius: 'Temperature',
}

/** "Supply, at the unit"; a place that has no name of its own by its quantity: "Ohms, black to white". */
export function probeName(probe: string): string {
  const known = NAMES[probe]
  if (known) return known
  const dead = /^volts-dead (.+)$/.exec(probe)
  if (dead) return `Proven dead, ${dead[1]}`
  const [, quantity = '', place = ''] = /^([a-z]+)-(.+)$/.exec(probe) ?? []
  return QUANTITIES[quantity] ? `${QUANTITIES[quantity]}, ${place.replace(/-/g, ' ')}` : probe
}
