// The kinds are kept apart by the compiler: these lines are checked by the type check, and run here to show that text stays text.
import * as v from 'valibot'
import type { SectionId } from '../capacitor/can'
import type { JobId } from '../job/job-id'
import type { LeadId } from '../motor/lead-id'
import type { PostId } from '../wiring/unit-type'
import type { WireId } from '../wiring/wire'
import { idSchema } from './id'

const takesPost = (post: PostId) => post
const takesLead = (lead: LeadId) => lead

test('the id of one kind is not taken for another’s, and plain text is taken for either', () => {
  const lead: LeadId = 'white'
  const wire: WireId = 'w1'
  const section: SectionId = '5'
  const job: JobId = '0c7c7e2e-6a53-4a43-b27c-d6a6a6f2a001'
  // @ts-expect-error A lead is no post.
  takesPost(lead)
  // @ts-expect-error A wire is no lead.
  takesLead(wire)
  // @ts-expect-error A section is no lead.
  takesLead(section)
  // @ts-expect-error A job is no post.
  takesPost(job)
  expect(takesPost('T1')).toBe('T1')
})

test('a schema of an id checks as the text’s own does', () => {
  const schema = idSchema<LeadId>(v.pipe(v.string(), v.minLength(1, 'A lead’s name is empty.')))
  expect(takesLead(v.parse(schema, 'brown/white'))).toBe('brown/white')
  expect(v.safeParse(schema, '').issues?.map((issue) => issue.message)).toEqual(['A lead’s name is empty.'])
})
