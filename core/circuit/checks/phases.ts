// A fan on three phases: its three like leads on three lines just when it is to run. On two of them it hums and burns; which way it
// turns follows from the order of the lines, which nobody knows before power (common practice, no source).
import { known } from '../../quantity/at'
import { capital, listed } from '../../quantity/display'
import type { UnitType } from '../../wiring/unit-type'
import { stop, watch, type Hazard } from '../hazard'
import { leadPoint } from '../network'
import { isLine, type Source } from '../potential'
import { leadName, type ProofView } from '../view'

type UnitMode = UnitType['modes'][number]

/** What the three leads of the motor are on in one mode. */
interface Fed {
  readonly lead: string
  /** "the black lead" */
  readonly name: string
  readonly line: Source | null
}

/** The three phase leads: each on a line of its own in the modes that run the fan, and not two of them live in the others. */
export function checkPhases(view: ProofView): Hazard[] {
  const { modes } = view.hookup.unit
  const faults = modes.flatMap((mode) => (mode.fanRuns ? notFed(view, mode) : stillFed(view, mode)))
  // Alike in several modes it is told once, with all their names.
  const codes = [...new Set(faults.map(({ code }) => code))]
  return [
    ...codes.map((code) => {
      const alike = faults.filter((fault) => fault.code === code)
      const ids = alike.map(({ mode }) => mode.id)
      return stop(code, alike[0]!.text(listed(alike.map(({ mode }) => mode.name))), alike[0]!.leads, ids)
    }),
    watch('direction-at-first-power', DIRECTION),
  ]
}

/** What no circuit shows, and how it is put right without harm. */
export const DIRECTION =
  'Its direction shows only at first power: if it turns backward, exchange two of its own leads, never two lines.'

interface Fault {
  readonly code: 'phase-dead' | 'phases-on-one-line' | 'runs-with-contactor-open'
  readonly mode: UnitMode
  readonly leads: readonly string[]
  readonly text: (modes: string) => string
}

const fedIn = (view: ProofView, mode: UnitMode): Fed[] =>
  view.hookup.leads
    .filter(({ lead }) => lead.role === 'phase')
    .map((set) => ({
      lead: set.lead.id,
      name: leadName(set),
      line: known(view.modes.get(mode.id), 'The mode copper').sources(leadPoint(set)).find(isLine) ?? null,
    }))

function notFed(view: ProofView, mode: UnitMode): Fault[] {
  const fed = fedIn(view, mode)
  const dead = fed.filter(({ line }) => line === null)
  if (dead.length > 0)
    return [
      {
        code: 'phase-dead',
        mode,
        leads: dead.map(({ lead }) => lead),
        text: (modes) =>
          `${capital(listed(dead.map(({ name }) => name)))} ${dead.length > 1 ? 'have' : 'has'} no line in ${modes}: on fewer than three lines it hums, stands and burns.`,
      },
    ]
  const twice = fed.filter(({ line, lead }) =>
    fed.some((other) => other.lead !== lead && other.line === line),
  )
  return twice.length === 0
    ? []
    : [
        {
          code: 'phases-on-one-line',
          mode,
          leads: twice.map(({ lead }) => lead),
          text: (modes) =>
            `${capital(listed(twice.map(({ name }) => name)))} are on one line in ${modes}: the motor has no third phase, hums and burns.`,
        },
      ]
}

/** Two lines on a motor that is meant to stand drive current through it, three turn it. One alone is told lead by lead. */
function stillFed(view: ProofView, mode: UnitMode): Fault[] {
  const live = fedIn(view, mode).filter(({ line }) => line !== null)
  return new Set(live.map(({ line }) => line)).size < 2
    ? []
    : [
        {
          code: 'runs-with-contactor-open',
          mode,
          leads: live.map(({ lead }) => lead),
          text: (modes) =>
            `${capital(listed(live.map(({ name }) => name)))} are on two lines or more in ${modes}, with the contactor open: current flows in a motor that is meant to stand.`,
        },
      ]
}
