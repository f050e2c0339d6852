// Contradictions inside a lead sheet that the shape of its fields cannot show.
import type { LeadId } from './lead-id'
import type { Problem } from '../quantity/problem'
import { horsepowerOf } from './horsepower'
import type { MotorKind } from './kind'
import { impossiblePlate } from './plausible'
import { ROLE_NAMES, type LandingRole, type LeadRole } from './role'

interface Choice {
  readonly join: readonly (readonly [string, string])[]
  readonly land: readonly { readonly lead: LeadId; readonly as: LandingRole }[]
  readonly insulate: readonly string[]
  readonly open: readonly string[]
}

interface SheetShape {
  readonly kind: MotorKind
  readonly nameplate: {
    readonly volts: { readonly low: number; readonly high: number }
    readonly rpm: number
  }
  readonly capacitor: unknown
  readonly leads: readonly { readonly id: string; readonly role: LeadRole }[]
  readonly settings: {
    readonly horsepower: readonly (Choice & {
      readonly horsepower: string
      readonly coversFrom: string | null
      readonly amps: number
    })[]
    readonly speed: readonly (Choice & {
      readonly speed: string | undefined
      readonly tap: string | null
      readonly rpm: number | null
    })[]
    readonly hookup: readonly Choice[]
    readonly volts?:
      readonly { readonly volts: { readonly low: number; readonly high: number } }[] | undefined
    readonly rotation: readonly (Choice & { readonly direction: string })[]
  }
}

/** Every contradiction, with its path: leads named twice or not at all, joins with themselves, roles that cannot be met. */
export function leadSheetProblems(sheet: SheetShape): Problem[] {
  const ids = sheet.leads.map((lead) => lead.id)
  const problems: Problem[] = []
  ids.forEach((id, i) => {
    if (ids.indexOf(id) !== i)
      problems.push({ path: `leads.${i}.id`, message: `Two leads are called “${id}”.` })
  })
  if (sheet.nameplate.volts.low > sheet.nameplate.volts.high)
    problems.push({ path: 'nameplate.volts', message: 'The lower rated voltage is above the higher one.' })
  if (sheet.settings.volts?.length === 1)
    problems.push({
      path: 'settings.volts',
      message:
        'A motor whose leads are joined for its volts has two voltages at least; one alone is its rated one.',
    })
  sheet.settings.volts?.forEach(({ volts }, i) => {
    if (volts.low > volts.high)
      problems.push({
        path: `settings.volts.${i}.volts`,
        message: 'The lower rated voltage is above the higher one.',
      })
  })
  for (const setting of ['horsepower', 'speed', 'hookup', 'rotation'] as const)
    sheet.settings[setting].forEach((choice, i) =>
      problems.push(...choiceProblems(choice, `settings.${setting}.${i}`, ids)),
    )
  problems.push(
    ...kindProblems(sheet),
    ...speedProblems(sheet),
    ...rotationProblems(sheet),
    ...ratingProblems(sheet),
  )
  return problems
}

function choiceProblems(choice: Choice, path: string, ids: readonly string[]): Problem[] {
  const problems: Problem[] = []
  const used = new Set<string>()
  const use = (lead: LeadId, at: string) => {
    if (!ids.includes(lead)) problems.push({ path: at, message: `The sheet has no lead called “${lead}”.` })
    else if (used.has(lead))
      problems.push({ path: at, message: `Lead “${lead}” is used twice in one setting.` })
    used.add(lead)
  }
  choice.join.forEach(([a, b], i) => {
    if (a === b) problems.push({ path: `${path}.join.${i}`, message: `Lead “${a}” is joined to itself.` })
    else [a, b].forEach((lead) => use(lead, `${path}.join.${i}`))
  })
  choice.land.forEach((l, i) => use(l.lead, `${path}.land.${i}.lead`))
  choice.insulate.forEach((lead, i) => use(lead, `${path}.insulate.${i}`))
  choice.open.forEach((lead, i) => use(lead, `${path}.open.${i}`))
  return problems
}

const countOf = ({ leads }: SheetShape, role: LeadRole): number =>
  leads.filter((lead) => lead.role === role).length

function kindProblems(sheet: SheetShape): Problem[] {
  const { kind, leads } = sheet
  const problems: Problem[] = []
  const wanted = (role: LeadRole, least: number, most: number, words: string) => {
    const count = countOf(sheet, role)
    if (count < least || count > most)
      problems.push({ path: 'leads', message: `${words}; this sheet has ${count}.` })
  }
  const pscCapacitor = kind === 'psc-outdoor' || kind === 'psc-blower'
  if (pscCapacitor !== (sheet.capacitor !== null))
    problems.push({
      path: 'capacitor',
      message: pscCapacitor
        ? 'A PSC motor’s tag names its capacitor.'
        : 'This kind of motor has no run capacitor.',
    })
  if (kind === 'psc-outdoor') problems.push(...windingProblems(sheet))
  if (kind === 'psc-blower') {
    wanted('line', 1, 1, 'A blower motor has exactly one line lead')
    wanted('speed', 1, 5, 'A blower motor has one to five speed taps')
    wanted('capacitor', 2, 2, 'A blower motor has two capacitor leads')
  }
  if (kind === 'ecm-outdoor') wanted('line', 2, 2, 'An electronically commutated motor has two line leads')
  if (kind === 'three-phase') wanted('phase', 3, 3, 'A three-phase motor has three phase leads')
  const alien = leads.find(({ role }) => ALIEN[kind].includes(role))
  if (alien)
    problems.push({
      path: `leads.${leads.indexOf(alien)}.role`,
      message: `This kind of motor has no ${ROLE_NAMES[alien.role]}.`,
    })
  return problems
}

/** Roles that a kind of motor cannot have. */
export const ALIEN: Readonly<Record<MotorKind, readonly LeadRole[]>> = {
  'psc-outdoor': ['line', 'speed', 'capacitor', 'select', 'phase'],
  'psc-blower': ['motor-common', 'run', 'start', 'run-return', 'power-tap', 'phase', 'select'],
  'ecm-outdoor': ['motor-common', 'run', 'start', 'run-return', 'capacitor', 'phase', 'power-tap', 'speed'],
  'three-phase': [
    'motor-common',
    'run',
    'start',
    'run-return',
    'capacitor',
    'line',
    'select',
    'rotation',
    'power-tap',
    'speed',
  ],
}

/** Every tap named once, by a speed of its own. */
function speedProblems({ leads, settings }: SheetShape): Problem[] {
  const problems: Problem[] = []
  const taps = leads.filter((lead) => lead.role === 'speed').map((lead) => lead.id)
  settings.speed.forEach((choice, i) => {
    // Half read on the phone, a speed may have no name yet.
    if (choice.speed !== undefined && settings.speed.findIndex((c) => c.speed === choice.speed) !== i)
      problems.push({
        path: `settings.speed.${i}.speed`,
        message: `The speed “${choice.speed}” is given twice.`,
      })
    if (choice.tap === null) return
    if (!taps.includes(choice.tap))
      problems.push({
        path: `settings.speed.${i}.tap`,
        message: `“${choice.tap}” is no speed tap of this sheet.`,
      })
    else if (settings.speed.findIndex((c) => c.tap === choice.tap) !== i)
      problems.push({ path: `settings.speed.${i}.tap`, message: `Tap “${choice.tap}” serves two speeds.` })
  })
  const idle = taps.find((tap) => !settings.speed.some((c) => c.tap === tap))
  if (idle) problems.push({ path: 'settings.speed', message: `Tap “${idle}” has no speed named.` })
  return problems
}

/** Figures that no motor has together. */
function ratingProblems({ nameplate, settings }: SheetShape): Problem[] {
  return settings.horsepower.flatMap((choice, i): Problem[] => {
    const path = `settings.horsepower.${i}`
    const { coversFrom } = choice
    if (coversFrom !== null && horsepowerOf(coversFrom) > horsepowerOf(choice.horsepower))
      return [
        {
          path: `${path}.coversFrom`,
          message: `It covers from ${coversFrom} hp, which is above its own ${choice.horsepower} hp.`,
        },
      ]
    const wrong = impossiblePlate({
      horsepower: horsepowerOf(choice.horsepower),
      volts: nameplate.volts.high,
      amps: choice.amps,
      rpm: nameplate.rpm,
      poles: null,
      hertz: 60,
      phase: null,
    })
    return wrong ? [{ path, message: wrong }] : []
  })
}

function windingProblems(sheet: SheetShape): Problem[] {
  const { leads, settings } = sheet
  const count = (role: LeadRole) => countOf(sheet, role)
  const problems: Problem[] = []
  for (const role of ['run', 'start'] as const)
    if (count(role) !== 1)
      problems.push({
        path: 'leads',
        message: `A PSC motor has exactly one ${role} lead; this sheet has ${count(role)}.`,
      })
  for (const role of ['run-return', 'ground'] as const)
    if (count(role) > 1)
      problems.push({ path: 'leads', message: `This sheet has ${count(role)} ${role} leads; one at most.` })
  const taps = count('power-tap')
  if (count('motor-common') + (taps > 0 ? 1 : 0) !== 1)
    problems.push({
      path: 'leads',
      message: 'A PSC motor has one motor common, or horsepower taps in its place.',
    })
  const tapIds = leads.filter((lead) => lead.role === 'power-tap').map((lead) => lead.id)
  settings.horsepower.forEach((choice, i) => {
    const landed = choice.land.filter((l) => tapIds.includes(l.lead) && l.as === 'motor-common')
    const path = `settings.horsepower.${i}`
    if (taps > 0 && landed.length !== 1)
      problems.push({
        path: `${path}.land`,
        message: `${choice.horsepower} hp must land exactly one horsepower tap as motor common.`,
      })
    const free = tapIds.filter((id) => !landed.some((l) => l.lead === id) && !choice.insulate.includes(id))
    if (free.length > 0)
      problems.push({
        path: `${path}.insulate`,
        message: `${choice.horsepower} hp leaves ${free.join(', ')} loose: idle taps are insulated one by one.`,
      })
    const stray = choice.land.find((l) => !tapIds.includes(l.lead))
    if (stray)
      problems.push({
        path: `${path}.land`,
        message: `“${stray.lead}” is no horsepower tap, so a horsepower setting cannot land it.`,
      })
  })
  return problems
}

function rotationProblems({ leads, settings }: SheetShape): Problem[] {
  const plug = leads.filter((lead) => lead.role === 'rotation').map((lead) => lead.id)
  const directions = settings.rotation.map((choice) => choice.direction)
  const problems: Problem[] = []
  if (directions.length === 2 && directions[0] === directions[1])
    problems.push({
      path: 'settings.rotation',
      message: `Both plug positions say ${directions[0]}: there is no way to turn the other way.`,
    })
  settings.rotation.forEach((choice, i) => {
    const idle = plug.filter(
      (id) =>
        !choice.join.some((pair) => pair.includes(id)) &&
        !choice.insulate.includes(id) &&
        !choice.open.includes(id),
    )
    if (idle.length > 0)
      problems.push({
        path: `settings.rotation.${i}.join`,
        message: `${choice.direction} leaves plug lead ${idle.join(', ')} neither joined nor insulated.`,
      })
    const stray = choice.join
      .flat()
      .find((id) => leads.some((lead) => lead.id === id && lead.role !== 'rotation'))
    if (stray)
      problems.push({
        path: `settings.rotation.${i}.join`,
        message: `“${stray}” is no rotation lead, so the plug cannot join it.`,
      })
  })
  return problems
}
