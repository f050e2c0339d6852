import { change } from './testing/change'
import type { Change } from '@oak/core/job/change'
import { refusedFor, type DeviceStore } from './device-store'
import { memoryDevice } from './testing/memory-device'

const MINUTE = 60_000
const ids = async (changes: Promise<readonly Change[]>) => (await changes).map((c) => c.id).sort()

describe('what a device keeps', () => {
  let device: DeviceStore
  beforeEach(async () => void (device = await memoryDevice()))

  it('is to be delivered when it was written here, and not when it came from the server', async () => {
    await device.keep([change(1), change(2)])
    await device.receive([change(3)])
    expect(await ids(device.undelivered())).toEqual(['id-1', 'id-2'])
    await device.markDelivered(['id-1', 'id-9'])
    expect(await ids(device.undelivered())).toEqual(['id-2'])
    expect(await ids(device.all())).toEqual(['id-1', 'id-2', 'id-3'])
  })
  it('comes back from the server as delivered, under the server’s time', async () => {
    await device.keep([change(1)])
    await device.receive([change(1, 1, 99)])
    expect(await device.undelivered()).toEqual([])
    expect((await device.all())[0]?.at).toBe(99)
  })
  it('is not overwritten by another of its id: what was written here is to be seen, not lost', async () => {
    await device.keep([change(1, 'mine')])
    await device.receive([change(1, 'theirs'), change(2)])
    expect((await device.all()).find((c) => c.id === 'id-1')?.value).toBe('mine')
    expect(await ids(device.undelivered())).toEqual(['id-1'])
  })
  it('refused waits a minute, then four times as long each, and six hours at the most', async () => {
    expect([1, 2, 3, 4, 5, 6, 40].map((times) => refusedFor(times) / MINUTE)).toEqual([
      1, 4, 16, 64, 256, 360, 360,
    ])
    await device.keep([change(1), change(2)])
    await device.markRefused([{ id: 'id-1', message: 'no such field' }], 1000)
    expect(await ids(device.due(1000 + MINUTE - 1))).toEqual(['id-2'])
    expect(await ids(device.due(1000 + MINUTE))).toEqual(['id-1', 'id-2'])
    await device.markRefused([{ id: 'id-1', message: 'still none' }], 0)
    expect(await ids(device.due(4 * MINUTE - 1))).toEqual(['id-2'])
    expect(await device.refused()).toEqual([{ change: change(1), message: 'still none' }])
    expect(await ids(device.undelivered())).toEqual(['id-1', 'id-2'])
  })
  it('taken at last is refused no more', async () => {
    await device.keep([change(1)])
    await device.markRefused([{ id: 'id-1', message: 'no' }], 0)
    await device.markDelivered(['id-1'])
    expect([await device.refused(), await device.undelivered()]).toEqual([[], []])
  })
  it('given up is gone, if it was refused; then its job is fetched anew', async () => {
    await device.keep([change(1), change(2)])
    await device.receive([change(3)])
    await device.markRefused([{ id: 'id-1', message: 'no' }], 0)
    await device.markWhole(['job'], 5)
    await device.letGo(['id-1', 'id-2', 'id-3', 'id-9'])
    expect(await ids(device.all())).toEqual(['id-2', 'id-3'])
    expect(await device.row('job')).toMatchObject({ have: 0 })
  })
  it('takes the times that the server gave', async () => {
    await device.keep([change(1), change(2)])
    await device.restamp([
      { id: 'id-2', at: 50 },
      { id: 'id-9', at: 60 },
    ])
    expect((await device.all()).map((c) => [c.id, c.at]).sort()).toEqual([
      ['id-1', 1],
      ['id-2', 50],
    ])
    expect(await ids(device.undelivered())).toEqual(['id-1', 'id-2'])
  })
  it('is all to be delivered to another database, also what the last one refused', async () => {
    await device.keep([change(1), change(2)])
    await device.receive([change(3)])
    await device.markDelivered(['id-2'])
    await device.markRefused([{ id: 'id-1', message: 'no' }], 0)
    await device.startOver('second')
    expect(await ids(device.due(0))).toEqual(['id-1', 'id-2', 'id-3'])
    expect(await device.refused()).toEqual([])
    expect([await device.fact('rev'), await device.fact('store')]).toEqual([undefined, 'second'])
  })
})
