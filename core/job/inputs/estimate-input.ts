// What a job knows that bears on an unreadable plate: amps, the old can's marking, the blade.
import type { EstimateFrom } from '../../motor/estimate'
import { jobSupply } from './supply-input'
import type { JobDocument } from '../document'

const SPEED_PROBES = ['amps-low', 'amps-medium', 'amps-high'] as const

/** From a job to the input of estimate-plate: what was read of an old motor whose plate cannot be. */
export function estimateInput(job: JobDocument): EstimateFrom {
  const amps = ampsOf(job)
  const sections = [...(job.canMarking?.sections ?? [])].sort((a, b) => a - b)
  const diameter = job.oldBlade?.diameterInches ?? null
  return {
    ampsBySpeed: amps,
    volts: amps.length > 0 ? (jobSupply(job)?.supply.volts ?? null) : null,
    // Of a dual can the fan's section is the smaller (common practice, no source).
    microfarads: sections[0] ?? null,
    blade: diameter === null ? null : { diameterInches: diameter, steep: job.steepBlades ?? false },
  }
}

/** Amps by selection where they were read, else the running amps. */
function ampsOf({ measurements }: JobDocument): number[] {
  const value = (probe: string) => measurements[probe]?.value
  const bySpeed = SPEED_PROBES.map(value).filter((x): x is number => typeof x === 'number' && x > 0)
  const one = value('amps-motor')
  return bySpeed.length > 0 ? bySpeed : typeof one === 'number' && one > 0 ? [one] : []
}
