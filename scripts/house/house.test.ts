import { readFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { dotOf } from './draw'
import { readHouse, reduced, roomOf } from './imports'

const root = resolve(__dirname, '..', '..')

it('names rooms by the first folder of core and of app/src', () =>
  expect(
    [
      'core/circuit/checks/leads.ts',
      'app/src/stages/can/CanView.tsx',
      'server/store/database.ts',
      'core/package.json',
      'docs/a.ts',
    ].map(roomOf),
  ).toEqual(['core/circuit', 'app/stages', 'server', null, null]))
it('leaves out the arrows that follow from others', () => {
  const needs = new Map([
    ['a', new Set(['b', 'c'])],
    ['b', new Set(['c'])],
    ['c', new Set<string>()],
  ])
  expect([...reduced(needs)]).toEqual([
    ['a', ['b']],
    ['b', ['c']],
    ['c', []],
  ])
})
it('the picture in docs shows every room and every arrow of the imports: draw it anew with npm run house', () => {
  const svg = readFileSync(join(root, 'docs', 'house.svg'), 'utf8')
    .replaceAll('&#45;', '-')
    .replaceAll('&gt;', '>')
  const titles = new Set([...svg.matchAll(/<title>([^<]*)<\/title>/g)].map(([, title]) => title))
  const drawn = [...dotOf(readHouse()).matchAll(/"([a-z/]+)" -> "([a-z/]+)"/g)].map(
    ([, a, b]) => `${a}->${b}`,
  )
  expect(drawn.length).toBeGreaterThan(20)
  expect(drawn.filter((arrow) => !titles.has(arrow))).toEqual([])
  expect([...readHouse().files.keys()].filter((room) => !titles.has(room))).toEqual([])
  expect([...titles].filter((t) => t?.includes('->') && !drawn.includes(t))).toEqual([])
})
it('a room of core needs no room of the app or the server', () => {
  for (const [room, needs] of readHouse().needs)
    if (room.startsWith('core/')) expect([...needs].filter((n) => !n.startsWith('core/'))).toEqual([])
})
