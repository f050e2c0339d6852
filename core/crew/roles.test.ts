// The whole table of rights: every role, on what is its own and what is not.
import { readsAll, ROLES, ROLE_WORDS, writingRefused, type Role } from './roles'

const what = {
  'the notes of another’s job': { isVan: false, isOwn: false, path: ['notes'] },
  'a line of another’s estimate': { isVan: false, isOwn: false, path: ['estimateLines', 'a'] },
  'the motor of another’s job': { isVan: false, isOwn: false, path: ['motor'] },
  'the motor of an own job': { isVan: false, isOwn: true, path: ['motor'] },
  'the van': { isVan: true, isOwn: true, path: ['notes'] },
}
type What = keyof typeof what
const MAY: Readonly<Record<Role, readonly What[]>> = {
  owner: Object.keys(what) as What[],
  technician: Object.keys(what) as What[],
  office: ['the notes of another’s job', 'a line of another’s estimate'],
  apprentice: ['the motor of an own job'],
}

it.each(ROLES)('what the %s may write, and nothing beyond it', (role) => {
  const may = (Object.keys(what) as What[]).filter((key) => writingRefused(role, what[key]) === null)
  expect(may).toEqual(MAY[role])
})
it('who may not is told in a sentence whose work it is', () => {
  const refused = writingRefused('office', what['the motor of an own job'])
  expect(refused).toMatch(/^The office .+technician.+\.$/)
  expect(writingRefused('apprentice', what['the van'])).toMatch(/^An apprentice .+technician.+\.$/)
})
it('an apprentice alone reads nothing of others', () => {
  expect(ROLES.filter((role) => !readsAll(role))).toEqual(['apprentice'])
})
it('each role is named by what it may', () => {
  for (const role of ROLES)
    expect(`${ROLE_WORDS[role].name}: ${ROLE_WORDS[role].may}`).toMatch(/^\w+: \w.{20,}[^.]$/)
})
