// What each piece of a plate is said to be, from its own figures.
import { meaningOf } from './meaning'
import type { Piece, PieceKind } from './piece'

const said = (kind: PieceKind, text: string, figures: string[] = [], words: string[] = []) =>
  meaningOf({ kind, from: 0, to: text.length, text, figures, words } satisfies Piece, null)

it.each<[PieceKind, string, string[], string]>([
  ['tolerance', '±6 %', ['6'], 'tolerance ±6 %'],
  ['volts', '208-230 V', ['208', '230'], '208 to 230 volts'],
  ['volts', '208 – 230 V', ['208', '230'], '208 to 230 volts'],
  ['volts', '115/230 V', ['115', '230'], '115 or 230 volts'],
  ['hertz', '60 Hz', ['60'], '60 hertz'],
  ['amps', '1.6 A', ['1.6'], '1.6 amps'],
  ['amps', '1 A', ['1'], '1 amp'],
  ['horsepower', '1/4 HP', ['1/4'], '1/4 horsepower'],
  ['rpm', '1075 RPM', ['1075'], '1075 rpm'],
  ['poles', '6 P', ['6'], '6 poles'],
  ['speeds', '3 SPD', ['3'], '3 speeds'],
  ['circuit-amps', 'MCA 18.4', ['18.4'], 'circuit for 18.4 amps at least'],
  ['max-fuse', 'MAX FUSE 30', ['30'], 'fuse or breaker of 30 amps at most'],
  ['fan-amps', 'FAN 1.6', ['1.6'], 'fan 1.6 amps'],
  ['fan-amps', 'FAN 1', ['1'], 'fan 1 amp'],
  ['speeds', '1 SPD', ['1'], '1 speed'],
  ['compressor-amps', 'RLA 14', ['14'], 'compressor 14 amps running'],
  ['locked-rotor-amps', 'LRA 73', ['73'], 'compressor 73 amps with its rotor held'],
  ['reversible', 'REV', [], 'can be reversed'],
  ['other', 'MADE IN', [], 'set aside'],
])('%s of “%s”', (kind, text, figures, words) => expect(said(kind, text, figures)).toBe(words))

it('a direction, from which end, where the plate says so', () => {
  expect(said('rotation', 'CCWSE', [], ['CCW', 'SE'])).toBe('turns CCW, seen from the shaft end')
  expect(said('rotation', 'CWLE', [], ['CW', 'LE'])).toBe('turns CW, seen from the lead end')
  expect(said('rotation', 'CW', [], ['CW'])).toBe('turns CW; the plate does not say from which end')
})
it('phases in figures or in words', () => {
  expect(said('phase', '3 PH', ['3'])).toBe('three phases')
  expect(said('phase', 'THREE PHASE', [], ['three'])).toBe('three phases')
  expect(said('phase', '1 PH', ['1'])).toBe('one phase')
})
it('a frame, a refrigerant', () => {
  expect(said('frame', '48Y', [], ['48Y'])).toBe('frame 48Y')
  expect(said('refrigerant', 'R-410A', [], ['R-410A'])).toBe('refrigerant R-410A')
})
it('microfarads are said by who read them; until then they are asked', () => {
  const piece = { kind: 'microfarads', from: 0, to: 4, text: '45.5', figures: ['45.5'], words: [] } as const
  expect(meaningOf(piece, null)).toBe('microfarads; which they are is asked below')
})
