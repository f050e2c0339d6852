// What the plan from the van has to serve: each load's µF, and the volts that its own label or tag asks for.
import { HIGHEST_CAN_VOLTS } from '@oak/core/circuit/unknowns'
import type { JobDocument } from '@oak/core/job/document'
import { compressorLabelVolts } from '@oak/core/job/inputs/hookup-input'
import { COMPRESSOR_LOAD, FAN_LOAD } from '@oak/core/wiring/new-can'

export interface WantedLoad {
  readonly load: string
  readonly microfarads: number
  readonly volts: number
}

type Known = Pick<JobDocument, 'motor' | 'compressorMicrofarads' | 'canMarking'>

/**
 * Empty until every load that the old can served has its value: a plan for one of two would leave the other without. The compressor's
 * volts are never the fan's: where no label says them, they are what serves any compressor.
 */
export function wantedLoads(
  { motor, compressorMicrofarads, canMarking }: Known,
  shared: boolean,
): WantedLoad[] {
  if (!motor || (shared && !compressorMicrofarads)) return []
  const fan = motor.capacitor
  return [
    ...(shared && compressorMicrofarads
      ? [
          {
            load: COMPRESSOR_LOAD,
            microfarads: compressorMicrofarads,
            volts: compressorLabelVolts({ canMarking }) ?? HIGHEST_CAN_VOLTS,
          },
        ]
      : []),
    ...(fan ? [{ load: FAN_LOAD, microfarads: fan.microfarads, volts: fan.volts }] : []),
  ]
}
