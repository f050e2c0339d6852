// Blades on the van against the old one, when the blade is replaced too.
import { useMemo } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { BLANK_BLADE } from '@oak/core/motor/blade'
import type { MatchBladeOutput } from '@oak/core/operations/match-blade'
import { useOperation } from '../../parts/frame/use-operation'
import { bladeFields, withBladeField } from '../../parts/plates/blade-fields'
import { PlateCard } from '../../parts/plates/PlateCard'
import { editJob, useVan } from '../../platform/state/app'
import { Sheet } from '../../ui/Sheet'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { leftText } from '../../parts/stock/van-model'
import { MATCH_MARKS, ROW_MARKS } from './MatchSheet'

export function BladeSheet({
  id,
  job,
  onClose,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly onClose: () => void
}) {
  const palette = usePalette()
  const { document: van, left } = useVan()
  const old = job.oldBlade ?? BLANK_BLADE
  const shaftInches = job.motor?.mechanical?.shaftInches ?? null
  const blades = useMemo(
    () =>
      Object.entries(van.stock).flatMap(([line, part]) =>
        part.kind === 'blade' ? [{ id: line, ...part.blade }] : [],
      ),
    [van.stock],
  )
  const input = useMemo(() => ({ old, shaftInches, blades }), [old, shaftInches, blades])
  const result = useOperation('match-blade', input)
  const matches = result?.ok ? (result.output as MatchBladeOutput).matches : []
  return (
    <Sheet title="Another blade" open onClose={onClose} testID="blade-sheet">
      <PlateCard
        title="Old blade"
        testID="old-blade"
        fields={bladeFields(job.oldBlade)}
        onChange={(key, value) =>
          editJob(id, [{ path: ['oldBlade'], value: withBladeField(job.oldBlade, key, value) }])
        }
      />
      {blades.length === 0 ? (
        <Words size="small" tone="quiet">
          No blades are on the van’s list.
        </Words>
      ) : null}
      {matches.map((match) => (
        <View
          key={match.id}
          testID={`blade-${match.id}`}
          style={{ borderTopWidth: 1.5, borderColor: palette.line, paddingTop: 8, gap: 4 }}
        >
          <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
            <VerdictMark verdict={MATCH_MARKS[match.verdict]} size={28} />
            <View style={{ flex: 1 }}>
              <Words size="strong">
                {van.stock[match.id]?.name} · {leftText(left[match.id] ?? 0)}
              </Words>
              <Words size="small">{match.sentence}</Words>
            </View>
          </View>
          {match.rows
            .filter((row) => row.verdict !== 'pass')
            .map((row) => (
              <View
                key={row.criterion}
                style={{ flexDirection: 'row', gap: 8, alignItems: 'center', paddingLeft: 38 }}
              >
                <VerdictMark verdict={ROW_MARKS[row.verdict]} size={16} />
                <Words size="small" tone="quiet" style={{ flex: 1 }}>
                  {row.criterion}: {row.figures}
                </Words>
              </View>
            ))}
        </View>
      ))}
    </Sheet>
  )
}
