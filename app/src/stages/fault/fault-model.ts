// What the fault screen works with: where readings are taken, and the glyphs of what a fan does.
import type { PostKind, UnitType } from '@oak/core/wiring/unit-type'
import type { JobDocument } from '@oak/core/job/document'
import type { Fault } from '@oak/core/job/fields'
import { faultsOf } from '@oak/core/job/visit/visit-state'
import type { Quantity } from '@oak/core/meter/measurement'
import type { DiagnoseOutput } from '@oak/core/operations/diagnose'
import type { Edit } from '../../platform/state/jobs'

export interface Probe {
  readonly probe: string
  readonly title: string
  readonly quantity: Quantity
}

const one = (probe: string, title: string, quantity: Quantity): Probe[] => [{ probe, title, quantity }]

/** The readings that answer a test, by what it reads. */
export const PROBES_OF: Readonly<Record<string, readonly Probe[]>> = {
  'volts-supply': one('volts-supply', 'Supply, line to line', 'volts'),
  'volts-call': one('volts-call', 'Call, at the coil or the board', 'volts'),
  'volts-motor': one('volts-motor', 'Motor common to run', 'volts'),
  'volts-output': one('volts-output', 'Called output to the line lead', 'volts'),
  'amps-motor': one('amps-motor', 'Fan amps', 'amps'),
  'amps-speeds': [
    ...one('amps-low', 'Amps at low', 'amps'),
    ...one('amps-medium', 'Amps at medium', 'amps'),
    ...one('amps-high', 'Amps at high', 'amps'),
  ],
  'microfarads-FAN': one('microfarads-FAN', 'FAN to C', 'microfarads'),
  'microfarads-HERM': one('microfarads-HERM', 'HERM to C', 'microfarads'),
  'ohms-windings': [
    ...one('ohms-common-run', 'Motor common to run', 'ohms'),
    ...one('ohms-common-start', 'Motor common to start', 'ohms'),
    ...one('ohms-run-start', 'Run to start', 'ohms'),
  ],
  'ohms-frame': one('ohms-frame', 'A lead to the frame', 'ohms'),
  'celsius-motor': one('celsius-motor', 'Motor’s shell', 'celsius'),
  'ohms-can-FAN': one('ohms-can-FAN', 'FAN to C, ohms', 'ohms'),
  'ohms-can-HERM': one('ohms-can-HERM', 'HERM to C, ohms', 'ohms'),
  'volts-compressor': one('volts-compressor', 'Line to line, compressor side', 'volts'),
  'ohms-compressor': [
    ...one('ohms-compressor-CR', 'C to R', 'ohms'),
    ...one('ohms-compressor-CS', 'C to S', 'ohms'),
    ...one('ohms-compressor-RS', 'R to S', 'ohms'),
  ],
  'ohms-compressor-shell': [
    ...one('ohms-shell-C', 'C to the shell', 'ohms'),
    ...one('ohms-shell-R', 'R to the shell', 'ohms'),
    ...one('ohms-shell-S', 'S to the shell', 'ohms'),
  ],
}

/** The same, called by the posts that this unit has: a single can has no FAN and no HERM. */
export function probesFor(unit: UnitType | undefined, reads: string | null): readonly Probe[] {
  const probes = reads === null ? [] : (PROBES_OF[reads] ?? [])
  const label = (kind: PostKind) => unit?.posts.find((post) => post.kind === kind)?.label
  const [c, fan, compressor] = [label('cap-c'), label('cap-fan'), label('cap-compressor')]
  return probes.map((probe) => ({
    ...probe,
    title: probe.title
      .replace(/^FAN to C/, fan && c ? `${fan} to ${c}` : 'Its two posts')
      .replace(/^HERM to C/, compressor && c ? `${compressor} to ${c}` : 'The compressor’s capacitor'),
  }))
}

export const STRENGTH_WORDS: Readonly<Record<DiagnoseOutput['causes'][number]['strength'], string>> = {
  found: 'found',
  strong: 'strong',
  likely: 'likely',
  possible: 'possible',
  unlikely: 'unlikely',
}

export const KIND_TITLES = {
  look: 'To see and hear',
  'power-off': 'Power off, locked out',
  live: 'Live: qualified people only',
  contributory: 'Also worth noting',
} as const

type Found = DiagnoseOutput['found'][number]

/** A cause as the record keeps it; one that was found says so. */
export const faultOf = (cause: Pick<Found, 'id' | 'name' | 'for'>, strength: Fault['strength']): Fault => ({
  cause: cause.id,
  name: cause.name,
  strength,
  because: [...cause.for],
})

/** Taken beside what is taken: the first one is the job's fault, each further one stands beside it. */
export function takeEdits(job: Pick<JobDocument, 'fault' | 'alsoFound'>, faults: readonly Fault[]): Edit[] {
  const first = job.fault ?? faults[0]
  return faults.flatMap((fault): Edit[] =>
    fault.cause === first?.cause
      ? [{ path: ['fault'], value: fault }]
      : [{ path: ['alsoFound', fault.cause], value: fault }],
  )
}

/** A fault taken back; where it was the first, the next one takes its place. */
export function releaseEdits(
  { fault, alsoFound }: Pick<JobDocument, 'fault' | 'alsoFound'>,
  cause: string,
): Edit[] {
  if (fault?.cause !== cause) return [{ path: ['alsoFound', cause], value: null }]
  const [next] = Object.values(alsoFound).filter((other) => other.cause !== cause)
  return next
    ? [
        { path: ['fault'], value: next },
        { path: ['alsoFound', next.cause], value: null },
      ]
    : [{ path: ['fault'], value: null }]
}

/** What was found and is not taken yet. */
export const untaken = (job: Pick<JobDocument, 'fault' | 'alsoFound'>, found: readonly Found[]): Found[] => {
  const taken = new Set(faultsOf(job).map(({ cause }) => cause))
  return found.filter(({ id }) => !taken.has(id))
}
