// The lower half of a tag: horsepower by tap, speeds by tap or select lead, and how the plug stands for each direction.
import { useState } from 'react'
import { View } from 'react-native'
import { TextField } from '../../ui/TextField'
import { SPEED_NAMES, type SpeedName } from '@oak/core/motor/lead-sheet'
import { pairingsOf, type TagDraft } from '@oak/core/motor/tag-draft'
import { voltsName } from '@oak/core/motor/volts-choice'
import { figure } from '@oak/core/quantity/display'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { PickOne } from '../../ui/PickOne'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { HORSEPOWER_OPTIONS, pairingText, samePairing } from './tag-model'
import { Group, Option } from '../../ui/Group'

interface SettingsProps {
  readonly draft: TagDraft
  readonly onChange: (draft: TagDraft) => void
}

type PadFor = {
  readonly title: string
  readonly unit: string
  readonly value: number | null
  readonly set: (value: number) => void
}

export function TagSettings({ draft, onChange }: SettingsProps) {
  const [pad, setPad] = useState<PadFor | null>(null)
  const speeds = draft.leads.some((l) => l.role === 'speed' || l.role === 'select')
  return (
    <View style={{ gap: 16 }}>
      {draft.voltsChoices.length > 0 ? <Volts draft={draft} onChange={onChange} onPad={setPad} /> : null}
      <Power draft={draft} onChange={onChange} onPad={setPad} />
      {speeds ? <Speeds draft={draft} onChange={onChange} onPad={setPad} /> : null}
      <Turns draft={draft} onChange={onChange} />
      {pad ? (
        <NumberPad
          open
          title={pad.title}
          unit={pad.unit}
          value={pad.value}
          onClose={() => setPad(null)}
          onSet={(value) => {
            pad.set(value)
            return null
          }}
        />
      ) : null}
    </View>
  )
}

/** Each voltage with its amps and how the leads are joined for it, in the tag's words. */
function Volts({ draft, onChange, onPad }: SettingsProps & { readonly onPad: (pad: PadFor) => void }) {
  const put = (i: number, patch: Partial<TagDraft['voltsChoices'][number]>) =>
    onChange({ ...draft, voltsChoices: draft.voltsChoices.map((c, j) => (j === i ? { ...c, ...patch } : c)) })
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        Volts, by how its leads are joined
      </Words>
      {draft.voltsChoices.map((choice, i) => (
        <View key={i} style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
            <Words style={{ flex: 1 }}>{voltsName(choice)} V</Words>
            <View style={{ flex: 1 }}>
              <QuietButton
                testID={`tag-volts-amps-${i}`}
                text={choice.amps === null ? 'amps' : `${figure(choice.amps)} A`}
                onPress={() =>
                  onPad({
                    title: `Rated amps at ${voltsName(choice)} V`,
                    unit: 'A',
                    value: choice.amps,
                    set: (amps) => put(i, { amps }),
                  })
                }
              />
            </View>
          </View>
          <TextField
            label={`Joined for ${voltsName(choice)} V`}
            testID={`tag-volts-how-${i}`}
            value={choice.how}
            maxLength={160}
            onChangeText={(how) => put(i, { how })}
          />
        </View>
      ))}
    </View>
  )
}

function Power({ draft, onChange, onPad }: SettingsProps & { readonly onPad: (pad: PadFor) => void }) {
  const put = (i: number, patch: Partial<TagDraft['horsepower'][number]>) =>
    onChange({ ...draft, horsepower: draft.horsepower.map((h, j) => (j === i ? { ...h, ...patch } : h)) })
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        Horsepower
      </Words>
      {draft.horsepower.map((h, i) => (
        <View key={h.tap ?? 'only'} style={{ gap: 8 }}>
          {h.tap ? <Words size="small">{h.tap} landed, the other taps insulated:</Words> : null}
          <View style={{ flexDirection: 'row', gap: 8, alignItems: 'flex-start' }}>
            <View style={{ flex: 1 }}>
              <PickOne
                testID={`tag-horsepower-${i}`}
                label="hp"
                options={HORSEPOWER_OPTIONS}
                value={h.horsepower || '–'}
                onPick={(horsepower) => put(i, { horsepower })}
              />
            </View>
            <View style={{ flex: 1 }}>
              <QuietButton
                testID={`tag-amps-${i}`}
                text={h.amps === null ? 'amps' : `${figure(h.amps)} A`}
                onPress={() =>
                  onPad({ title: 'Rated amps', unit: 'A', value: h.amps, set: (amps) => put(i, { amps }) })
                }
              />
            </View>
          </View>
          {draft.kind === 'ecm-outdoor' || draft.horsepower.length === 1 ? (
            <PickOne
              label="stands in as it is from"
              options={[{ value: '', text: 'its own only' }, ...HORSEPOWER_OPTIONS]}
              value={h.coversFrom ?? ''}
              onPick={(coversFrom) => put(i, { coversFrom: coversFrom || null })}
            />
          ) : null}
        </View>
      ))}
    </View>
  )
}

const SPEED_OPTIONS = SPEED_NAMES.map((value) => ({ value: value, text: value.replace('-', ' ') }))

function Speeds({ draft, onChange, onPad }: SettingsProps & { readonly onPad: (pad: PadFor) => void }) {
  const put = (i: number, patch: Partial<TagDraft['speed'][number]>) =>
    onChange({ ...draft, speed: draft.speed.map((s, j) => (j === i ? { ...s, ...patch } : s)) })
  const lines = draft.leads.filter((l) => l.role === 'line').map((l) => l.id)
  const selects = draft.leads.filter((l) => l.role === 'select').map((l) => l.id)
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        Speeds
      </Words>
      {draft.speed.map((s, i) => (
        <View key={s.tap ?? i} style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', gap: 8, alignItems: 'flex-start' }}>
            <View style={{ flex: 1 }}>
              <PickOne
                testID={`tag-speed-${i}`}
                label={s.tap ?? 'speed'}
                options={SPEED_OPTIONS}
                value={s.speed ?? 'which speed?'}
                onPick={(speed) => put(i, { speed: speed as SpeedName })}
              />
            </View>
            <View style={{ flex: 1 }}>
              <QuietButton
                testID={`tag-rpm-${i}`}
                text={s.rpm === null ? 'rpm' : `${figure(s.rpm)} rpm`}
                onPress={() =>
                  onPad({
                    title: s.speed ? `${s.speed} speed` : `Speed of ${s.tap ?? 'this setting'}`,
                    unit: 'rpm',
                    value: s.rpm,
                    set: (rpm) => put(i, { rpm }),
                  })
                }
              />
            </View>
          </View>
          {s.tap === null ? (
            <PickOne
              testID={`tag-select-${i}`}
              label="the select lead is"
              options={[
                { value: '', text: 'left open' },
                ...selects.flatMap((select) =>
                  lines.map((line) => ({ value: `${select}|${line}`, text: `${select} to ${line}` })),
                ),
              ]}
              value={s.join ? s.join.join('|') : ''}
              onPick={(value) => put(i, { join: value ? (value.split('|') as [string, string]) : null })}
            />
          ) : null}
        </View>
      ))}
      {selects.length > 0 && draft.speed.length < 2 ? (
        <QuietButton
          text="Add a speed"
          icon="plus"
          testID="add-speed"
          onPress={() =>
            onChange({
              ...draft,
              speed: [
                ...draft.speed,
                {
                  speed: draft.speed.length === 0 ? 'high' : 'low',
                  rpm: null,
                  amps: null,
                  tap: null,
                  join: draft.speed.length === 0 && lines[0] ? [selects[0] as string, lines[0]] : null,
                },
              ],
            })
          }
        />
      ) : null}
    </View>
  )
}

function Turns({ draft, onChange }: SettingsProps) {
  const plug = draft.leads.filter((l) => l.role === 'rotation').map((l) => l.id)
  if (draft.kind === 'three-phase')
    return (
      <Words size="small" tone="quiet">
        Three phases turn either way: two of its leads exchanged reverse it.
      </Words>
    )
  if (plug.length === 0) return <OneWay draft={draft} onChange={onChange} />
  const options = pairingsOf(plug)
  if (options.length === 0)
    return (
      <Words size="small" tone="stop">
        The plug has {plug.length} lead{plug.length === 1 ? '' : 's'} so far; it has two or four.
      </Words>
    )
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        The plug, by direction
      </Words>
      {(['CW', 'CCW'] as const).map((direction) => (
        <Group
          key={direction}
          label={`${direction}: the plug leads`}
          style={{ flexDirection: 'row', gap: 8, alignItems: 'stretch' }}
          testID={`tag-turns-${direction}`}
        >
          <View style={{ width: 46, justifyContent: 'center' }}>
            <Words size="strong">{direction}</Words>
          </View>
          {options.map((pairing) => {
            const on = samePairing(draft.turns[direction], pairing)
            return (
              <Option
                key={pairingText(pairing)}
                selected={on}
                label={`${direction}: ${pairingText(pairing)}`}
                onPress={() => onChange({ ...draft, turns: { ...draft.turns, [direction]: pairing } })}
                style={{
                  flex: 1,
                  padding: 4,
                }}
              >
                {(pairing === null ? ['left open'] : pairing.map(([a, b]) => `${a} to ${b}`)).map((text) => (
                  <Words
                    key={text}
                    size="tiny"
                    style={{ textAlign: 'center', fontWeight: on ? '700' : '500' }}
                  >
                    {text}
                  </Words>
                ))}
              </Option>
            )
          })}
        </Group>
      ))}
    </View>
  )
}

function OneWay({ draft, onChange }: SettingsProps) {
  const only = 'CW' in draft.turns ? 'CW' : 'CCW' in draft.turns ? 'CCW' : null
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        Turns, one way only
      </Words>
      <Choice<'CW' | 'CCW'>
        label="Turns"
        testID="tag-only"
        value={only}
        onChange={(direction) => onChange({ ...draft, turns: { [direction]: [] } })}
        options={[
          { value: 'CW', text: 'CW' },
          { value: 'CCW', text: 'CCW' },
        ]}
      />
    </View>
  )
}
