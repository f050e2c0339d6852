import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { PROBES } from '@oak/core/diagnosis/answers'
import {
  KIND_TITLES,
  PROBES_OF,
  probesFor,
  STRENGTH_WORDS,
  faultOf,
  releaseEdits,
  takeEdits,
  untaken,
} from './fault-model'

it('every reading that the diagnosis knows can be taken somewhere, in its own quantity, and no other', () => {
  const offered = Object.values(PROBES_OF).flat()
  expect(offered.map((p) => p.probe).sort()).toEqual([...PROBES].sort())
  for (const { probe, quantity } of offered) expect(probe.startsWith(`${quantity}-`)).toBe(true)
})
it('where the leads go is said in words of its own for each reading of a test', () => {
  for (const probes of Object.values(PROBES_OF)) {
    const titles = probes.map(({ title }) => title)
    for (const title of titles) expect(title).toMatch(/^[A-Z].{5,}/)
    expect(new Set(titles).size).toBe(titles.length)
  }
  expect(PROBES_OF['ohms-windings']?.map(({ title }) => title)).toEqual([
    'Motor common to run',
    'Motor common to start',
    'Run to start',
  ])
})
it('what is live is for qualified people, and what is not is locked out', () => {
  expect(KIND_TITLES).toEqual({
    look: 'To see and hear',
    'power-off': 'Power off, locked out',
    live: 'Live: qualified people only',
    contributory: 'Also worth noting',
  })
  for (const [strength, word] of Object.entries(STRENGTH_WORDS)) expect(word).toBe(strength)
})

describe('faults side by side', () => {
  const fault = (cause: string) => ({ cause, name: cause, strength: 'found' as const, because: [] })
  const found = (id: string) => ({
    id,
    subject: 'fan' as const,
    name: `${id}.`,
    for: ['read'],
    by: [],
    remedy: '',
    stage: null,
    work: null,
    explains: true,
  })
  it('the first that is taken is the job’s, each further one stands beside it', () => {
    const [a, b] = [fault('a'), fault('b')]
    expect(takeEdits({ fault: null, alsoFound: {} }, [a, b])).toEqual([
      { path: ['fault'], value: a },
      { path: ['alsoFound', 'b'], value: b },
    ])
    expect(takeEdits({ fault: a, alsoFound: {} }, [b])).toEqual([{ path: ['alsoFound', 'b'], value: b }])
    // Taken again, now as found: the same one, not a second.
    expect(takeEdits({ fault: { ...a, strength: 'likely' }, alsoFound: {} }, [a])).toEqual([
      { path: ['fault'], value: a },
    ])
  })
  it('taken back, the next one takes the place of the first', () => {
    const [a, b] = [fault('a'), fault('b')]
    expect(releaseEdits({ fault: a, alsoFound: { b } }, 'a')).toEqual([
      { path: ['fault'], value: b },
      { path: ['alsoFound', 'b'], value: null },
    ])
    expect(releaseEdits({ fault: a, alsoFound: { b } }, 'b')).toEqual([
      { path: ['alsoFound', 'b'], value: null },
    ])
    expect(releaseEdits({ fault: a, alsoFound: {} }, 'a')).toEqual([{ path: ['fault'], value: null }])
  })
  it('of what was found only what is not taken is offered', () => {
    expect(untaken({ fault: fault('a'), alsoFound: {} }, [found('a'), found('b')]).map((f) => f.id)).toEqual([
      'b',
    ])
    expect(faultOf(found('b'), 'found')).toEqual({
      cause: 'b',
      name: 'b.',
      strength: 'found',
      because: ['read'],
    })
  })
})

it('a capacitor is read by the posts that this unit has', () => {
  const titles = (unit: string, reads: string) => probesFor(unitTypeFor(unit), reads).map((p) => p.title)
  expect(titles('cooling-1-pole-shared-capacitor', 'microfarads-FAN')).toEqual(['FAN to C'])
  expect(titles('cooling-1-pole-shared-capacitor', 'ohms-can-HERM')).toEqual(['HERM to C, ohms'])
  expect(titles('gas-furnace-board', 'microfarads-FAN')).toEqual(['cap 1 to cap 2'])
  // The compressor's is another capacitor there.
  expect(titles('cooling-2-pole-own-capacitor', 'microfarads-HERM')).toEqual(['The compressor’s capacitor'])
  // No unit is chosen: no posts to speak of.
  expect(probesFor(undefined, 'microfarads-FAN').map((p) => p.title)).toEqual(['Its two posts'])
  expect(probesFor(undefined, null)).toEqual([])
  expect(titles('gas-furnace-board', 'volts-call')).toEqual(['Call, at the coil or the board'])
})
