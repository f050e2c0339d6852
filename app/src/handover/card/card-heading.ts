// What the card says beside the hookup, from the job's own facts.
import type { Change } from '@oak/core/job/change'
import type { JobDocument } from '@oak/core/job/document'
import { microfaradsFromReading } from '@oak/core/capacitor/reading'
import { startProbe } from '@oak/core/job/inputs/startup-input'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { UUID } from '@oak/core/job/uuid'
import { dayOf } from '@oak/core/quantity/day'
import { figure } from '@oak/core/quantity/display'
import { paperMoment } from '../../ui/dates'

/** The change by which the hookup was last proven. */
const provenBy = (changes: readonly Change[]): Change | undefined =>
  changes.filter((c) => c.path[0] === 'proven' && c.value !== null).sort((a, b) => b.at - a.at)[0]

export function cardHeading(id: string, job: JobDocument, changes: readonly Change[]) {
  const proven = provenBy(changes)
  return {
    job: id,
    title: job.title,
    site: job.site,
    date: proven ? paperMoment(proven.at) : '',
    technician: proven?.technician ?? '',
    code: UUID.test(id) ? codeHeading(id, job, proven?.at ?? null) : null,
    readings: [
      ...startReadings(job),
      ...Object.values(job.readings).map((r) => {
        const { microfarads } = microfaradsFromReading(r)
        return `Old ${r.of} side: ${figure(r.amps)} A, ${figure(r.volts)} V: ${figure(microfarads)} µF${r.ratedMicrofarads ? `, rated ${figure(r.ratedMicrofarads)} µF` : ''}`
      }),
    ],
  }
}

/** What goes into the card's code beside the hookup. */
const codeHeading = (id: string, job: JobDocument, at: number | null) => ({
  job: id,
  date: at === null ? null : dayOf(at),
  site: job.site,
  unitName: job.unitName,
  readings: modeAmps(job).map(({ mode, amps }) => ({ mode: mode.id, amps })),
})

/** What was read after the work: the next hand compares with it. */
const startReadings = (job: JobDocument): string[] =>
  modeAmps(job).map(
    ({ mode, amps }) =>
      `Running in ${mode.name}: ${figure(amps)} A${job.startup.door === 'open' ? ', door off' : ''}`,
  )

function modeAmps(job: JobDocument) {
  const modes = job.unit ? (unitTypeFor(job.unit)?.modes ?? []) : []
  return modes.flatMap((mode) => {
    const read = job.measurements[startProbe('amps', mode.id)]
    return read && typeof read.value === 'number' && read.value > 0 ? [{ mode, amps: read.value }] : []
  })
}
