import { syncText } from './sync-text'

it('says what is not delivered, and delivered only when nothing waits', () => {
  expect(syncText({ kind: 'delivered' }, 0)).toBe('delivered')
  expect(syncText({ kind: 'delivered' }, 1)).toBe('1 photo kept here')
  expect(syncText({ kind: 'delivered' }, 2)).toBe('2 photos kept here')
  expect(syncText({ kind: 'waiting', count: 3 }, 0)).toBe('3 kept here')
  expect(syncText({ kind: 'waiting', count: 0 }, 2)).toBe('no server')
  expect(syncText({ kind: 'refused', count: 2, message: 'A job has no field “x”.' }, 0)).toBe('2 refused')
  expect(syncText({ kind: 'starting' }, 0)).toBe('…')
})
