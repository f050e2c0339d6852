// Is the main winding across the two lines when the fan is meant to run, and only then?
import type { LeadId } from '../../motor/lead-id'
import { first, known } from '../../quantity/at'
import { listed } from '../../quantity/display'
import type { ModeId, UnitType } from '../../wiring/unit-type'
import { stop, watch, type Hazard, type HazardCode } from '../hazard'
import { COMMON, RUN } from '../network'
import { isLine, type ModeCopper, type Source } from '../potential'
import { leadsAt, type ProofView } from '../view'

const lineOf = ({ sources }: ModeCopper, point: string): Source | null => sources(point).find(isLine) ?? null

/** What is wrong in one mode; alike in several modes it is told once. */
interface Fault {
  readonly code: HazardCode
  readonly leads: readonly LeadId[]
  /** The sentence, from the names of the modes it shows in. */
  readonly text: (modes: string) => string
}

/** In each mode: does line voltage stand across motor common and run just when the fan is to run? */
export function checkDrive(view: ProofView): Hazard[] {
  const { modes } = view.hookup.unit
  const faults = modes.map((mode) => ({ mode, fault: faultIn(view, mode) }))
  const codes = [...new Set(faults.flatMap(({ fault }) => fault?.code ?? []))]
  const still = modes.filter((mode) => mode.id === 'off').flatMap((mode) => unswitched(view, mode))
  return [
    ...codes.map((code) => {
      const alike = faults.flatMap(({ mode, fault }) => (fault?.code === code ? [{ mode, fault }] : []))
      const { text, leads } = first(alike).fault
      return stop(
        code,
        text(listed(alike.map(({ mode }) => mode.name))),
        leads,
        alike.map(({ mode }) => mode.id),
      )
    }),
    ...still,
  ]
}

function linesIn(view: ProofView, mode: ModeId) {
  const copper = known(view.modes.get(mode), 'The mode copper')
  return { common: lineOf(copper, COMMON), run: lineOf(copper, RUN) }
}

function faultIn(view: ProofView, { id, fanRuns }: UnitType['modes'][number]): Fault | null {
  const { common, run } = linesIn(view, id)
  const driven = common !== null && run !== null && common !== run
  if (driven === fanRuns) return null
  const leads = { common: leadsAt(view, COMMON), run: leadsAt(view, RUN) }
  if (driven) return runsWhenStopped(id, [...leads.common, ...leads.run])
  if (common === null)
    return {
      code: 'motor-common-dead',
      leads: leads.common,
      text: (modes) => `Motor common has no line in ${modes}: the fan will not run.`,
    }
  if (run === null)
    return {
      code: 'run-dead',
      leads: leads.run,
      text: (modes) => `Run has no line in ${modes}: the fan will not run.`,
    }
  return {
    code: 'no-voltage-across-motor',
    leads: [...leads.run, ...leads.common],
    text: (modes) =>
      `Motor common and run are on the same line in ${modes}: there is no voltage across the motor.`,
  }
}

const runsWhenStopped = (mode: ModeId, leads: readonly LeadId[]): Fault =>
  mode === 'defrost'
    ? {
        code: 'runs-in-defrost',
        leads,
        text: () => 'The fan keeps running in defrost: motor common bypasses the defrost board’s relay.',
      }
    : {
        code: 'runs-with-contactor-open',
        leads,
        text: (modes) => `The fan runs in ${modes}, with the contactor open: a lead is on the supply side.`,
      }

/** Motor common live on a stopped motor whose run is dead: not the custom. */
function unswitched(view: ProofView, { id, name }: UnitType['modes'][number]): Hazard[] {
  const { common, run } = linesIn(view, id)
  return common !== null && run === null
    ? [
        watch(
          'motor-common-unswitched',
          `Motor common stays on a line in ${name}; by custom it is the switched side.`,
          leadsAt(view, COMMON),
          [id],
        ),
      ]
    : []
}
