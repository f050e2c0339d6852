import { createRest, REST_MS } from './tap-rest'

function setUp() {
  let now = 1000
  const due: (readonly [number, () => void])[] = []
  const rest = createRest(
    () => now,
    (then, ms) => void due.push([now + ms, then]),
  )
  const wait = (ms: number) => {
    now += ms
    due.filter(([at]) => at <= now).forEach(([, then]) => then())
  }
  return { rest, wait }
}

it.each([0, 40, 80, 150, 300, 400, REST_MS - 1])('a second tap after %d ms falls on nothing', (ms) => {
  const { rest, wait } = setUp()
  expect(rest.take()).toBe(true)
  wait(ms)
  expect(rest.isResting()).toBe(true)
  expect(rest.take()).toBe(false)
})
it('a tap counts by when the finger tapped, not by when a slow page came to it', () => {
  const { rest, wait } = setUp()
  rest.take(1000)
  wait(900)
  expect(rest.restsAt(1400)).toBe(true)
  expect(rest.take(1400)).toBe(false)
  expect(rest.restsAt(1000 + REST_MS)).toBe(false)
  expect(rest.take(1000 + REST_MS)).toBe(true)
})
it('a tap that fell on nothing does not make the rest longer', () => {
  const { rest, wait } = setUp()
  rest.take()
  wait(400)
  rest.take()
  wait(REST_MS - 400)
  expect(rest.take()).toBe(true)
})
it('tells when the rest begins and when it ends', () => {
  const { rest, wait } = setUp()
  const heard: boolean[] = []
  const off = rest.subscribe(() => heard.push(rest.isResting()))
  rest.take()
  wait(REST_MS)
  expect(heard).toEqual([true, false])
  off()
  rest.take()
  expect(heard).toHaveLength(2)
})
