import { refusal, uuid } from '../testing/test-app'
import { openPairedApp, type PairedApp, type TestPhone } from '../testing/paired-app'

let t: PairedApp
beforeEach(async () => void (t = await openPairedApp()))
afterEach(() => t.db.destroy())

const round = (n: number, more: object = {}) => ({
  id: uuid(n),
  at: 1_800_000_000_000 + n,
  state: 'handed-over',
  total: 80,
  skills: [{ skill: 'safe', points: 100 }],
  ...more,
})
const shown = async (phone: TestPhone) =>
  ((await phone.get('/api/practice')).body as { rounds: { id: string; person: string }[] }).rounds

it('rounds come under the phone’s person, once, and all read them but an apprentice', async () => {
  const [ines, office] = [await t.pair('Ines', 'technician'), await t.pair('Lee', 'office')]
  const [sam, kim] = [await t.pair('Sam', 'apprentice'), await t.pair('Kim', 'apprentice')]
  await sam.post('/api/practice', { rounds: [round(1), round(2)] })
  await sam.post('/api/practice', { rounds: [round(2, { total: 10 }), round(3)] })
  await ines.post('/api/practice', { rounds: [round(4)] })
  // Nobody brings a round of another as the own one.
  await kim.post('/api/practice', { rounds: [round(1)] })
  const who = async (phone: TestPhone) =>
    (await shown(phone)).map(({ id, person }) => `${id.slice(-1)} ${person}`)
  expect(await who(office)).toEqual(['4 Ines', '3 Sam', '2 Sam', '1 Sam'])
  expect(await who(sam)).toEqual(['3 Sam', '2 Sam', '1 Sam'])
  expect(await who(kim)).toEqual([])
  expect((await shown(office))[2]).toMatchObject({ total: 80, skills: [{ skill: 'safe', points: 100 }] })
})
it.each([
  [round(1, { total: 101 }), 'rounds.0.total', 'A mark is 0 to 100.'],
  [round(1, { state: 'won' }), 'rounds.0.state', 'A round ends hurt or handed over.'],
  [
    round(1, { skills: [{ skill: 'magic', points: 1 }] }),
    'rounds.0.skills.0.skill',
    'There is no such skill.',
  ],
  [round(1, { id: 'x' }), 'rounds.0.id', 'That is not a round’s id.'],
])('%o is told beside its field', async (wrong, path, message) => {
  const phone = await t.pair('Sam', 'apprentice')
  expect(refusal(await phone.post('/api/practice', { rounds: [wrong] }))).toMatchObject({
    status: 400,
    path,
    message,
  })
  expect(await shown(phone)).toEqual([])
})
