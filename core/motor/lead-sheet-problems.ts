// Contradictions inside a lead sheet that the shape of its fields cannot show.
import type { Problem } from '../quantity/problem'
import type { LeadRole, LandingRole } from './role'

interface Choice {
  readonly join: readonly (readonly [string, string])[]
  readonly land: readonly { readonly lead: string; readonly as: LandingRole }[]
  readonly insulate: readonly string[]
}

interface SheetShape {
  readonly nameplate: { readonly volts: { readonly low: number; readonly high: number } }
  readonly leads: readonly { readonly id: string; readonly role: LeadRole }[]
  readonly settings: {
    readonly horsepower: readonly (Choice & { readonly horsepower: string })[]
    readonly rotation: readonly (Choice & { readonly direction: string })[]
  }
}

/** Every contradiction, with its path: leads named twice or not at all, joins with themselves, roles that cannot be met. */
export function leadSheetProblems(sheet: SheetShape): Problem[] {
  const ids = sheet.leads.map((lead) => lead.id)
  const problems: Problem[] = []
  ids.forEach((id, i) => {
    if (ids.indexOf(id) !== i) problems.push({ path: `leads.${i}.id`, message: `Two leads are called “${id}”.` })
  })
  if (sheet.nameplate.volts.low > sheet.nameplate.volts.high)
    problems.push({ path: 'nameplate.volts', message: 'The lower rated voltage is above the higher one.' })
  for (const setting of ['horsepower', 'rotation'] as const)
    sheet.settings[setting].forEach((choice, i) => problems.push(...choiceProblems(choice, `settings.${setting}.${i}`, ids)))
  problems.push(...windingProblems(sheet), ...rotationProblems(sheet))
  return problems
}

function choiceProblems(choice: Choice, path: string, ids: readonly string[]): Problem[] {
  const problems: Problem[] = []
  const used = new Set<string>()
  const use = (lead: string, at: string) => {
    if (!ids.includes(lead)) problems.push({ path: at, message: `The sheet has no lead called “${lead}”.` })
    else if (used.has(lead)) problems.push({ path: at, message: `Lead “${lead}” is used twice in one setting.` })
    used.add(lead)
  }
  choice.join.forEach(([a, b], i) => {
    if (a === b) problems.push({ path: `${path}.join.${i}`, message: `Lead “${a}” is joined to itself.` })
    else [a, b].forEach((lead) => use(lead, `${path}.join.${i}`))
  })
  choice.land.forEach((l, i) => use(l.lead, `${path}.land.${i}.lead`))
  choice.insulate.forEach((lead, i) => use(lead, `${path}.insulate.${i}`))
  return problems
}

function windingProblems({ leads, settings }: SheetShape): Problem[] {
  const count = (role: LeadRole) => leads.filter((lead) => lead.role === role).length
  const problems: Problem[] = []
  for (const role of ['run', 'start'] as const)
    if (count(role) !== 1) problems.push({ path: 'leads', message: `A PSC motor has exactly one ${role} lead; this sheet has ${count(role)}.` })
  for (const role of ['run-return', 'ground'] as const)
    if (count(role) > 1) problems.push({ path: 'leads', message: `This sheet has ${count(role)} ${role} leads; one at most.` })
  const taps = count('power-tap')
  if (count('motor-common') + (taps > 0 ? 1 : 0) !== 1)
    problems.push({ path: 'leads', message: 'A PSC motor has one motor common, or horsepower taps in its place.' })
  const tapIds = leads.filter((lead) => lead.role === 'power-tap').map((lead) => lead.id)
  settings.horsepower.forEach((choice, i) => {
    const landed = choice.land.filter((l) => tapIds.includes(l.lead) && l.as === 'motor-common')
    const path = `settings.horsepower.${i}`
    if (taps > 0 && landed.length !== 1) problems.push({ path: `${path}.land`, message: `${choice.horsepower} hp must land exactly one horsepower tap as motor common.` })
    const free = tapIds.filter((id) => !landed.some((l) => l.lead === id) && !choice.insulate.includes(id))
    if (free.length > 0) problems.push({ path: `${path}.insulate`, message: `${choice.horsepower} hp leaves ${free.join(', ')} loose: idle taps are insulated one by one.` })
    const stray = choice.land.find((l) => !tapIds.includes(l.lead))
    if (stray) problems.push({ path: `${path}.land`, message: `“${stray.lead}” is no horsepower tap, so a horsepower setting cannot land it.` })
  })
  return problems
}

function rotationProblems({ leads, settings }: SheetShape): Problem[] {
  const plug = leads.filter((lead) => lead.role === 'rotation').map((lead) => lead.id)
  const directions = settings.rotation.map((choice) => choice.direction)
  const problems: Problem[] = []
  if (directions.length === 2 && directions[0] === directions[1])
    problems.push({ path: 'settings.rotation', message: `Both plug positions say ${directions[0]}: there is no way to turn the other way.` })
  settings.rotation.forEach((choice, i) => {
    const idle = plug.filter((id) => !choice.join.some((pair) => pair.includes(id)) && !choice.insulate.includes(id))
    if (idle.length > 0) problems.push({ path: `settings.rotation.${i}.join`, message: `${choice.direction} leaves plug lead ${idle.join(', ')} neither joined nor insulated.` })
    const stray = choice.join.flat().find((id) => leads.some((lead) => lead.id === id && lead.role !== 'rotation'))
    if (stray) problems.push({ path: `settings.rotation.${i}.join`, message: `“${stray}” is no rotation lead, so the plug cannot join it.` })
  })
  return problems
}
