// Everything the verdict rests on: hazards with their mend, what is unknown, why each lead goes where it goes.
import type { PostId } from '@oak/core/wiring/unit-type'
import { View } from 'react-native'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { figure } from '@oak/core/quantity/display'
import type { HookupPost } from '@oak/core/wiring/hookup-posts'
import { QuietButton } from '../../ui/PrimaryButton'
import { InsulationLabel } from '../../ui/Swatch'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { mendOf, mendText, placePhrase, type BoardLead, type LeadMove } from './board-model'

export interface ReasonsProps {
  readonly answer: HookupOutput
  readonly leads: readonly BoardLead[]
  readonly posts: readonly HookupPost[]
  readonly onMend: (moves: readonly LeadMove[]) => void
}

export function Reasons({ answer, leads, posts, onMend }: ReasonsProps) {
  const { proof, warnings, refusals, unitWires, added } = answer
  const nameOf = (post: PostId) => posts.find((p) => p.id === post)?.name ?? post
  return (
    <View style={{ gap: 14 }} testID="reasons">
      {refusals.map((r) => (
        <Note key={r.code + r.message} verdict="stop" text={r.message} />
      ))}
      {proof.hazards.map((hazard) => (
        <View key={hazard.code + hazard.message} style={{ gap: 8 }}>
          <Note verdict={hazard.severity} text={hazard.message} />
          {mendOf(hazard).length > 0 ? (
            <QuietButton
              text={mendText(mendOf(hazard), posts)}
              icon="undo"
              onPress={() => onMend(mendOf(hazard))}
            />
          ) : null}
        </View>
      ))}
      {proof.unknowns.map((text) => (
        <Note key={text} verdict="cannotTell" text={`Not known: ${text}`} />
      ))}
      {warnings.map((w) => (
        <Note key={w.code + w.message} verdict="watch" text={w.message} />
      ))}
      <WhatEachPartSees proof={proof} />
      <Words size="strong" heading={2}>
        Why each lead goes there
      </Words>
      {leads.map((lead) => (
        <View key={lead.id} style={{ gap: 2 }}>
          <InsulationLabel insulation={lead.insulation} />
          <Words size="small">
            {lead.why}
            {lead.moved ? ` You put it ${placePhrase(lead.goes, posts)}.` : ''}
          </Words>
        </View>
      ))}
      <Words size="strong" heading={2}>
        The unit’s wires on the new can
      </Words>
      {unitWires
        .filter((w) => w.was)
        .map((w) => (
          <Words key={w.id} size="small">
            The wire {w.was?.from} – {w.was?.to} now joins {nameOf(w.from)} and {nameOf(w.to)}.
          </Words>
        ))}
      {added.map((w) => (
        <Words key={w.id} size="small">
          {w.id.startsWith('jumper')
            ? `Add a jumper from ${nameOf(w.from)} to ${nameOf(w.to)}: one tap serves both.`
            : `Add a wire from ${nameOf(w.from)} to ${nameOf(w.to)}: this motor has no run-return.`}
        </Words>
      ))}
      <Words size="small" tone="quiet">
        Checked by what conducts where and by the solved circuit, in each mode. It does not know the unit’s
        diagram, the motor’s tag or local codes: they overrule it.
      </Words>
    </View>
  )
}

/** The solved circuit in figures: each winding, the sections in use, jumpers, and what floats. */
function WhatEachPartSees({ proof }: { readonly proof: HookupOutput['proof'] }) {
  const running = proof.modes.filter((m) => m.fanRuns)
  if (running.every((m) => m.solution.motor.windings.length === 0)) return null
  return (
    <View style={{ gap: 8 }} testID="what-parts-see">
      <Words size="strong" heading={2}>
        What each part sees{proof.estimated ? ' (estimate)' : ''}
      </Words>
      {running.map(({ mode, name, solution }) => (
        <View key={mode} style={{ gap: 2 }}>
          <Words size="small" style={{ fontWeight: '700' }}>
            In {name}: {figure(solution.motor.rpm, 0)} rpm, {figure(solution.motor.amps, 2)} A in the heaviest
            lead
          </Words>
          {solution.motor.windings.map((w) => (
            <Words key={w.id} size="small">
              {w.name}: {figure(w.volts, 0)} V, {figure(w.amps, 2)} A
            </Words>
          ))}
          {solution.sections
            .filter((s) => s.amps > LEAST_AMPS)
            .map((s) => (
              <Words key={s.id} size="small">
                section {s.id}: {figure(s.volts, 0)} V, {figure(s.amps, 2)} A
              </Words>
            ))}
          {solution.jumpers.map((j) => (
            <Words key={j.from + j.to} size="small">
              jumper {j.from} to {j.to}: {figure(j.amps, 2)} A, {figure(100 * j.share, 0)} % of its group
            </Words>
          ))}
          {solution.floating.length > 0 ? (
            <Words size="small" tone="quiet">
              Without a path to earth: {[...new Set(solution.floating)].join(', ')}.
            </Words>
          ) : null}
        </View>
      ))}
    </View>
  )
}

/** Less current than this in a section is none, A. */
const LEAST_AMPS = 0.005

function Note({ verdict, text }: { readonly verdict: Verdict; readonly text: string }) {
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'flex-start' }}>
      <VerdictMark verdict={verdict} size={24} />
      <Words size="small" style={{ flex: 1 }}>
        {text}
      </Words>
    </View>
  )
}
