// The old hookup beside the new one: where every wire was, as recorded.
import { useMemo } from 'react'
import type { JobDocument } from '@oak/core/job/document'
import type { WireFinding } from '@oak/core/wiring/evidence'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { refOf } from '@oak/core/wiring/unit-types'
import { useOperation } from '../../parts/frame/use-operation'
import { WiresPicture } from '../../parts/posts/WiresPicture'

export function OldHookup({ job, unit }: { readonly job: JobDocument; readonly unit: UnitType }) {
  const wires = useMemo(() => Object.entries(job.wires).map(([id, wire]) => ({ id, ...wire })), [job.wires])
  const input = useMemo(() => ({ unit: refOf(unit), wires }), [unit, wires])
  const result = useOperation('read-wires', input)
  const findings = result?.ok ? (result.output as { findings: WireFinding[] }).findings : []
  return <WiresPicture unit={unit} wires={wires} findings={findings} onWire={() => undefined} />
}
