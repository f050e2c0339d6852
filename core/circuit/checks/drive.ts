// Is the main winding across the two lines when the fan is meant to run, and only then?
import { known } from '../../quantity/at'
import { stop, watch, type Hazard } from '../hazard'
import { COMMON, RUN } from '../network'
import type { ModeCopper, Source } from '../potential'
import { leadsAt, type ProofView } from '../view'

const lineOf = ({ sources }: ModeCopper, point: string): Source | null =>
  sources(point).find((s) => s === 'line1' || s === 'line2') ?? null

/** In each mode: does line voltage stand across motor common and run just when the fan is to run? */
export function checkDrive(view: ProofView): Hazard[] {
  return view.hookup.unit.modes.flatMap(({ id, name, fanRuns }) => {
    const mode = known(view.modes.get(id), 'The mode copper')
    const common = lineOf(mode, COMMON)
    const run = lineOf(mode, RUN)
    const driven = common !== null && run !== null && common !== run
    const leads = { common: leadsAt(view, COMMON), run: leadsAt(view, RUN) }
    if (fanRuns && !driven) {
      if (common === null)
        return [
          stop(
            'motor-common-dead',
            `Motor common has no line in ${name}: the fan will not run.`,
            leads.common,
            [id],
          ),
        ]
      if (run === null)
        return [stop('run-dead', `Run has no line in ${name}: the fan will not run.`, leads.run, [id])]
      return [
        stop(
          'no-voltage-across-motor',
          `Motor common and run are on the same line in ${name}: there is no voltage across the motor.`,
          [...leads.run, ...leads.common],
          [id],
        ),
      ]
    }
    if (!fanRuns && driven) {
      const message =
        id === 'defrost'
          ? 'The fan keeps running in defrost: motor common bypasses the defrost board’s relay.'
          : `The fan runs in ${name}, with the contactor open: a lead is on the supply side.`
      return [
        stop(
          id === 'defrost' ? 'runs-in-defrost' : 'runs-with-contactor-open',
          message,
          [...leads.common, ...leads.run],
          [id],
        ),
      ]
    }
    return id === 'off' && common !== null && run === null ? [unswitched(name, leads.common)] : []
  })
}

const unswitched = (name: string, leads: readonly string[]): Hazard =>
  watch(
    'motor-common-unswitched',
    `Motor common stays on a line in ${name}; by custom it is the switched side.`,
    leads,
    ['off'],
  )
