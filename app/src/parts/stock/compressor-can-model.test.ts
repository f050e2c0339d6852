// A line that both the fan's plan and the compressor take of is counted for both, whichever is chosen first, and whichever is given back.
import { exchangeEdits, takenForFan } from './compressor-can-model'

const can = (id: string) => ({
  id,
  name: id,
  volts: 440,
  tolerancePercent: 6,
  protectedStart: false,
  sections: [],
})
const held = (taken: Record<string, number>, compressor: string | null) => ({
  taken: Object.fromEntries(Object.entries(taken).map(([line, quantity]) => [line, { quantity }])),
  compressorCan: compressor === null ? null : can(compressor),
})

it('is taken with the choice and given back with another one', () => {
  expect(exchangeEdits(held({ dual: 1 }, null), can('s40'))).toEqual([
    { path: ['compressorCan'], value: can('s40') },
    { path: ['taken', 's40'], value: { quantity: 1 } },
  ])
  expect(exchangeEdits(held({ dual: 1, s40: 1 }, 's40'), can('s45'))).toEqual([
    { path: ['compressorCan'], value: can('s45') },
    { path: ['taken', 's40'], value: null },
    { path: ['taken', 's45'], value: { quantity: 1 } },
  ])
  expect(exchangeEdits(held({ s40: 1 }, 's40'), null)).toEqual([
    { path: ['compressorCan'], value: null },
    { path: ['taken', 's40'], value: null },
  ])
})
it('of the fan’s line is one more, and leaves the fan’s when it goes back', () => {
  expect(exchangeEdits(held({ s40: 1 }, null), can('s40'))[1]).toEqual({
    path: ['taken', 's40'],
    value: { quantity: 2 },
  })
  expect(exchangeEdits(held({ s40: 2 }, 's40'), null)[1]).toEqual({
    path: ['taken', 's40'],
    value: { quantity: 1 },
  })
})
it('chosen again changes nothing', () =>
  expect(exchangeEdits(held({ s40: 1 }, 's40'), can('s40'))).toEqual([]))
it('that was not taken gives nothing back', () =>
  expect(exchangeEdits(held({}, 's40'), null)).toEqual([{ path: ['compressorCan'], value: null }]))
it('is not the fan’s', () => {
  expect(takenForFan(held({ s40: 2, dual: 1 }, 's40'))).toEqual({
    s40: { quantity: 1 },
    dual: { quantity: 1 },
  })
  expect(takenForFan(held({ s40: 1 }, 's40'))).toEqual({})
})
