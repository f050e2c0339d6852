import { fetchAhead, fetchedAhead } from './fetch-ahead'

const settle = () => new Promise((resolve) => setTimeout(resolve, 0))

it('a part is fetched once, whoever wants it, and is at hand from then on', async () => {
  const load = jest.fn(async () => 'board')
  const part = fetchedAhead(load)
  expect(part.now()).toBeNull()
  await expect(Promise.all([part.fetch(), part.fetch()])).resolves.toEqual(['board', 'board'])
  expect(part.now()).toBe('board')
  expect(load).toHaveBeenCalledTimes(1)
})

describe('while the page is idle', () => {
  const idle: (() => void)[] = []
  beforeEach(() => {
    idle.length = 0
    Object.assign(window, { requestIdleCallback: (heard: () => void) => idle.push(heard) })
  })
  const rest = async () => {
    idle.shift()?.()
    await settle()
  }

  it('parts come one after the other, in their order, and none twice', async () => {
    const came: string[] = []
    const parts = ['wires', 'motor'].map((name) =>
      fetchedAhead(async () => {
        came.push(name)
        return name
      }),
    )
    fetchAhead()
    // What an earlier test has fetched takes its turn as well.
    while (idle.length > 0) await rest()
    await parts[1]?.fetch()
    expect(came).toEqual(['wires', 'motor'])
    expect(parts.map((part) => part.now())).toEqual(['wires', 'motor'])
  })

  it('who counts every byte is asked for none', () => {
    Object.assign(navigator, { connection: { saveData: true } })
    fetchAhead()
    expect(idle).toEqual([])
  })
})
