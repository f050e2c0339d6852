// An edit in few words, for who is about to take it back.
import type { JobDocument } from '@oak/core/job/document'
import type { Edit } from '../../platform/state/jobs'

const NAMES: Readonly<Record<keyof JobDocument, string>> = {
  title: 'the job’s name',
  site: 'the place',
  notes: 'the notes',
  removed: 'taking the job off the list',
  unit: 'the kind of unit',
  supplyVolts: 'the supply’s volts',
  supplyHertz: 'the supply’s hertz',
  hertz: 'the shop’s hertz',
  tolerancePercent: 'the allowed distance in µF',
  wires: 'a wire',
  motor: 'the motor',
  horsepower: 'the horsepower',
  wanted: 'the direction',
  plug: 'the plug',
  speed: 'the speed',
  can: 'the capacitor',
  motorVolts: 'the motor’s volts',
  frameGrounded: 'how the frame is grounded',
  canPut: 'the can’s jumpers and wires',
  compressorMicrofarads: 'the compressor’s µF',
  hardStart: 'the hard-start kit',
  prefer: 'the order of aims',
  placements: 'a lead’s place',
  readings: 'a reading',
  proven: 'what was proven',
  safe: 'a step of making safe',
  discharge: 'the discharge',
  fault: 'the fault',
  observations: 'what was seen',
  measurements: 'a reading',
  motorPlate: 'the motor’s plate',
  unitPlate: 'the unit’s plate',
  canMarking: 'the can’s marking',
  oldBody: 'the old motor’s sizes',
  oldBlade: 'the old blade',
  ohmLeads: 'the leads to measure',
  steepBlades: 'the blade’s pitch',
  plateLines: 'a line of a plate',
  photos: 'a photo',
  rotationSources: 'what tells the direction',
  speedChoices: 'a speed',
  unusedOutputs: 'an output without a lead',
  taken: 'a part taken from the van',
  deadSections: 'a dead section',
  carried: 'a tick of the list to carry',
  fitted: 'a step of fitting',
  mountInches: 'a length',
  mountChoices: 'how it is mounted',
  mountChecks: 'a look before power',
  startup: 'what start-up showed',
  refrigerant: 'the refrigerant',
  chargeFigures: 'a figure of the charge',
  owner: 'the owner',
  unitName: 'which unit it is',
  recommended: 'a recommendation',
  estimateLines: 'a line of the estimate',
  estimateTerms: 'the estimate’s terms',
  acceptance: 'the acceptance',
  startWanted: 'the start capacitor',
}
const isField = (name: string | undefined): name is keyof JobDocument => name !== undefined && name in NAMES

/** "a lead’s place", "8 changes: a wire and the like". */
export function editWords(edits: readonly Edit[]): string {
  const names = [...new Set(edits.map(({ path: [name] }) => (isField(name) ? NAMES[name] : 'a change')))]
  const [only = 'a change'] = names
  if (edits.length <= 1) return only
  return names.length === 1 ? `${edits.length} changes of one kind: ${only}` : `${only} and what came with it`
}
