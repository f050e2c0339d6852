// What can be seen of the fan, each kind with its own question and picture.
import { useState, type ReactNode } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { RotationSource } from '@oak/core/rotation/finder'
import { type Direction, type Rotation, type View as End } from '@oak/core/rotation/view'
import { Choice } from '../../ui/Choice'
import { Words } from '../../ui/Words'
import { BladePicture } from './BladePicture'
import { airAt, drawnAs } from './rotation-model'
import { CupsPicture, OutletPicture } from './WheelPicture'

interface EntryProps {
  readonly job: JobDocument
  readonly onSet: (source: RotationSource | null) => void
}

export function Entry({ kind, job, onSet }: EntryProps & { readonly kind: RotationSource['kind'] }) {
  switch (kind) {
    case 'propeller':
      return <Propeller job={job} onSet={onSet} />
    case 'wheel-outlet':
      return <Outlet job={job} onSet={onSet} />
    case 'wheel-cups':
      return <Cups job={job} onSet={onSet} />
    case 'short-test':
      return <ShortTest job={job} onSet={onSet} />
    case 'nameplate':
      return <Plate job={job} onSet={onSet} />
  }
}

const of = <K extends RotationSource['kind']>(job: JobDocument, kind: K) =>
  job.rotationSources[kind] as Extract<RotationSource, { kind: K }> | undefined

const ENDS = [
  { value: 'lead-end' as const, text: 'lead end' },
  { value: 'shaft-end' as const, text: 'shaft end' },
]

const Ends = ({
  label,
  value,
  onChange,
}: {
  readonly label: string
  readonly value: End | null
  readonly onChange: (end: End) => void
}) => (
  <Labelled text={label}>
    <Choice<End> label={label} value={value} onChange={onChange} options={ENDS} />
  </Labelled>
)

const Labelled = ({ text, children }: { readonly text: string; readonly children: ReactNode }) => (
  <View style={{ gap: 4 }}>
    <Words size="small" tone="quiet">
      {text}
    </Words>
    {children}
  </View>
)

function Propeller({ job, onSet }: EntryProps) {
  const now = of(job, 'propeller')
  const [draft, setDraft] = useState<{ nearEdge: 'left' | 'right' | null; shaft: 'toward' | 'away' | null }>({
    nearEdge: now?.nearEdge ?? null,
    shaft: now?.shaft ?? null,
  })
  const change = (part: Partial<typeof draft>) => {
    const next = { ...draft, ...part }
    setDraft(next)
    if (next.nearEdge && next.shaft) onSet({ kind: 'propeller', nearEdge: next.nearEdge, shaft: next.shaft })
  }
  return (
    <View style={{ gap: 10 }}>
      <Words size="small">
        Power off. Look from where the air comes out, one blade at 12 o’clock. Which of its edges is nearer to
        you?
      </Words>
      <BladePicture nearEdge={draft.nearEdge} onPick={(nearEdge) => change({ nearEdge })} />
      <Labelled text="The motor’s shaft points">
        <Choice
          label="The motor’s shaft points"
          testID="shaft-points"
          value={draft.shaft}
          onChange={(shaft) => change({ shaft })}
          options={[
            { value: 'toward', text: 'toward you' },
            { value: 'away', text: 'away from you' },
          ]}
        />
      </Labelled>
    </View>
  )
}

function Outlet({ job, onSet }: EntryProps) {
  const now = of(job, 'wheel-outlet')
  const [outlet, setOutlet] = useState(now?.outlet ?? 'top')
  const [looking, setLooking] = useState<End>(now?.looking ?? 'lead-end')
  const drawn = now ? drawnAs(now) : null
  const set = (place: typeof outlet, way: 'right' | 'left', end: End) =>
    onSet({ kind: 'wheel-outlet', outlet: place, air: airAt(place, way), looking: end })
  return (
    <View style={{ gap: 10 }}>
      <Words size="small">
        Look at the housing with this end of the motor toward you. Where is the outlet, and which housing is
        yours?
      </Words>
      <Ends
        label="You look at"
        value={looking}
        onChange={(end) => {
          setLooking(end)
          if (drawn) set(outlet, drawn, end)
        }}
      />
      <Choice
        label="The outlet is at"
        value={outlet}
        onChange={(place) => {
          setOutlet(place)
          if (drawn) set(place, drawn, looking)
        }}
        options={(['top', 'right', 'bottom', 'left'] as const).map((value) => ({ value, text: value }))}
      />
      <Choice
        label="Your housing"
        testID="housing"
        value={drawn}
        onChange={(way) => set(outlet, way, looking)}
        options={(['right', 'left'] as const).map((value) => ({
          value,
          text: `air ${airAt(outlet, value)}`,
          picture: <OutletPicture outlet={outlet} leaves={value} size={120} />,
        }))}
      />
    </View>
  )
}

function Cups({ job, onSet }: EntryProps) {
  const now = of(job, 'wheel-cups')
  const [looking, setLooking] = useState<End>(now?.looking ?? 'lead-end')
  const [curve, setCurve] = useState(now?.curve ?? 'forward')
  return (
    <View style={{ gap: 10 }}>
      <Words size="small">
        {curve === 'forward'
          ? 'Many short cups: the hollow side leads. On the blade at 12 o’clock, which way does the hollow face?'
          : 'Few long blades that lean back: the round side leads. On the blade at 12 o’clock, which way does the hollow face?'}
      </Words>
      <Labelled text="Its blades">
        <Choice
          label="Its blades"
          testID="wheel-curve"
          value={curve}
          onChange={(next) => {
            setCurve(next)
            if (now) onSet({ ...now, curve: next })
          }}
          options={[
            { value: 'forward' as const, text: 'many short cups', hint: 'forward-curved' },
            { value: 'backward' as const, text: 'few, leaning back', hint: 'backward-curved' },
          ]}
        />
      </Labelled>
      <Ends
        label="You look at"
        value={looking}
        onChange={(end) => {
          setLooking(end)
          if (now) onSet({ ...now, looking: end })
        }}
      />
      <Choice
        label="The hollow side faces"
        testID="cups"
        value={now?.hollow ?? null}
        onChange={(hollow) => onSet({ kind: 'wheel-cups', hollow, looking, curve })}
        options={(['left', 'right'] as const).map((value) => ({
          value,
          text: value,
          picture: <CupsPicture hollow={value} curve={curve} size={110} />,
        }))}
      />
    </View>
  )
}

function ShortTest({ job, onSet }: EntryProps) {
  const now = of(job, 'short-test')
  const [set, setSet] = useState<Rotation>(
    now?.set ?? job.wanted ?? { direction: 'CW', seenFrom: 'lead-end' },
  )
  const change = (next: Rotation) => {
    setSet(next)
    if (now) onSet({ ...now, set: next })
  }
  return (
    <View style={{ gap: 10 }}>
      <Words size="small">
        A second of power, before everything is strapped down. A blower that blows weakly may be running
        backwards: look at the wheel, not at the air.
      </Words>
      <Labelled text="It was set to turn">
        <Choice<Direction>
          label="It was set to turn"
          value={set.direction}
          onChange={(direction) => change({ ...set, direction })}
          options={[
            { value: 'CW', text: 'CW' },
            { value: 'CCW', text: 'CCW' },
          ]}
        />
      </Labelled>
      <Ends label="named from" value={set.seenFrom} onChange={(seenFrom) => change({ ...set, seenFrom })} />
      <Labelled text="It ran">
        <Choice
          label="It ran"
          testID="ran"
          value={now?.ran ?? null}
          onChange={(ran) => onSet({ kind: 'short-test', set, ran })}
          options={[
            { value: 'right', text: 'the right way' },
            { value: 'backwards', text: 'backwards' },
          ]}
        />
      </Labelled>
    </View>
  )
}

function Plate({ job, onSet }: EntryProps) {
  const now = of(job, 'nameplate')
  const plate = job.motorPlate?.rotation
  const direction = now?.direction ?? plate?.direction ?? null
  return (
    <View style={{ gap: 10 }}>
      <Words size="small">What the old motor’s plate says. A direction without its end tells nothing.</Words>
      <Choice<Direction>
        label="The plate says"
        value={direction}
        onChange={(value) =>
          onSet({ kind: 'nameplate', direction: value, seenFrom: now?.seenFrom ?? plate?.seenFrom ?? null })
        }
        options={[
          { value: 'CW', text: 'CW' },
          { value: 'CCW', text: 'CCW' },
        ]}
      />
      <Choice
        label="seen from"
        value={(now ?? plate) ? ((now ?? plate)?.seenFrom ?? 'none') : null}
        onChange={(end) => {
          if (direction) onSet({ kind: 'nameplate', direction, seenFrom: end === 'none' ? null : end })
        }}
        options={[...ENDS, { value: 'none', text: 'not said' }]}
      />
    </View>
  )
}
