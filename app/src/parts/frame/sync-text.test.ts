import { clockText, deliveryText, syncText } from './sync-text'

it('says what is not delivered, and delivered only when nothing waits', () => {
  expect(syncText({ kind: 'delivered' }, 0)).toBe('delivered')
  expect(syncText({ kind: 'delivered' }, 1)).toBe('1 photo kept here')
  expect(syncText({ kind: 'delivered' }, 2)).toBe('2 photos kept here')
  expect(syncText({ kind: 'waiting', count: 3 }, 0)).toBe('3 kept here')
  expect(syncText({ kind: 'waiting', count: 0 }, 2)).toBe('no server')
  expect(syncText({ kind: 'refused', waiting: 0, count: 2, message: 'A job has no field “x”.' }, 0)).toBe(
    '2 refused',
  )
  expect(syncText({ kind: 'starting' }, 0)).toBe('…')
})
it('says it in full for who asks', () => {
  expect(deliveryText({ kind: 'delivered' }, 0)).toBe('Every edit is on the server.')
  expect(deliveryText({ kind: 'delivered' }, 1)).toBe('Every edit is on the server. 1 photo still to go up.')
  expect(deliveryText({ kind: 'waiting', count: 1 }, 0)).toBe(
    'One edit is kept on this phone, and goes to the server when it is reached.',
  )
  expect(deliveryText({ kind: 'waiting', count: 12 }, 2)).toBe(
    '12 edits are kept on this phone, and go to the server when it is reached. 2 photos still to go up.',
  )
  expect(deliveryText({ kind: 'waiting', count: 0 }, 0)).toBe(
    'The server is not reached. Nothing waits here.',
  )
  expect(deliveryText({ kind: 'refused', count: 1, waiting: 0, message: 'x' }, 0)).toBe(
    'Everything else is on the server.',
  )
  expect(deliveryText({ kind: 'refused', count: 1, waiting: 1, message: 'x' }, 0)).toMatch(
    /^One edit is kept/,
  )
  expect(deliveryText({ kind: 'starting' }, 0)).toBe('The server is being asked.')
  expect(clockText('40 days behind')).toMatch(
    /^This phone’s clock is wrong: it is 40 days behind, by the server’s\. Set it\./,
  )
})
