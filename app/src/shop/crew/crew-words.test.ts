import type { Phone } from '../../platform/crew/owner-http'
import { whatIsMissing } from './pair-model'
import { leftWords, phoneWords } from './phone-words'

const AT = Date.UTC(2026, 10, 28, 8)
const phone = (more: Partial<Phone> = {}): Phone => ({
  ...{ id: 'x', name: 'Van 2', person: 'Ines', role: 'technician', paired: AT, seen: AT },
  ...{ revoked: null, why: null, wiped: null },
  ...more,
})

it('a phone is told by its person, its role and when it was heard of', () =>
  expect(phoneWords(phone())).toMatch(/^Ines, technician\. Last heard of .*28.*\.$/))
it('one that was taken off says whether anything of the shop is still on it', () => {
  expect(phoneWords(phone({ revoked: AT, why: 'owner' }))).toMatch(
    /^Ines, technician\. Taken off the list, .+\. The shop’s data is still on it/,
  )
  expect(phoneWords(phone({ revoked: AT, why: 'copied', wiped: AT }))).toMatch(
    /^Ines, technician\. Locked out, its key was used from elsewhere too, .+\. Nothing of the shop is on it since .+\.$/,
  )
})
it('a code’s time is told in whole minutes until it is over', () =>
  expect([600_000, 599_999, 60_001, 60_000, 1, 0, -5].map((left) => leftWords(AT + left, AT))).toEqual([
    '10 minutes',
    '10 minutes',
    '2 minutes',
    '1 minute',
    '1 minute',
    null,
    null,
  ]))
it('the form says what is missing, the code first', () => {
  expect(whatIsMissing(' ', '')).toBe('Enter the code first.')
  expect(whatIsMissing('x', ' ')).toContain('Give the phone a name')
  expect(whatIsMissing('x', 'Van 2')).toBeNull()
})
