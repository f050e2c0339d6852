// What a job, its place, its unit and its owner are called. Kept when a field is left, and when all of it goes.
import { useEffect, useEffectEvent, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { JobId } from '@oak/core/job/job-id'
import { editJob } from '../../platform/state/app'
import { Problem } from '../../ui/Problem'
import { TextField } from '../../ui/TextField'

const FIELDS = {
  title: { label: 'Name of the job', testID: 'job-title' },
  site: { label: 'Place', testID: 'job-site' },
  owner: { label: 'Owner', testID: 'owner' },
  unitName: { label: 'This unit’s name or serial number', testID: 'unit-name' },
} as const
type NameField = keyof typeof FIELDS

interface JobNamesProps {
  readonly id: JobId
  readonly job: JobDocument
  readonly fields: readonly NameField[]
}

export function JobNames({ id, job, fields }: JobNamesProps) {
  const [typed, setTyped] = useState<Partial<Record<NameField, string>>>({})
  const [wrong, setWrong] = useState<string | null>(null)
  const keep = (field: NameField): string | null => {
    const value = typed[field]
    return value === undefined || value === job[field] ? null : editJob(id, [{ path: [field], value }])
  }
  const leave = (field: NameField) => {
    const refused = keep(field)
    setWrong(refused)
    // What is kept is the job's from here on: taken back by undo, it must not come again when the form goes.
    if (refused === null) setTyped((all) => ({ ...all, [field]: undefined }))
  }
  // Escape and the Back key leave no field: what was typed is kept all the same.
  const keepAll = useEffectEvent(() => fields.forEach(keep))
  useEffect(() => () => keepAll(), [])
  return (
    <View style={{ gap: 8 }}>
      {fields.map((field) => (
        <TextField
          key={field}
          {...FIELDS[field]}
          value={typed[field] ?? job[field]}
          onChangeText={(text) => setTyped({ ...typed, [field]: text })}
          onBlur={() => leave(field)}
        />
      ))}
      <Problem text={wrong} testID="title-problem" />
    </View>
  )
}
