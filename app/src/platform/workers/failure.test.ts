import { failureText } from './failure'
import { WorkerLost } from './runner'

it('a lost worker asks for a connection, a failure for the job’s file; neither blames the record', () => {
  const lost = failureText(new WorkerLost('not found'))
  const failed = failureText(new Error('There is no item 3 in a list of 2.'))
  expect(lost).toContain('cannot be loaded (not found). Open the app once with a connection')
  expect(failed).toContain(
    'failed at this record (There is no item 3 in a list of 2.). That is our fault, not the record’s: save the whole job as a file and send it to us',
  )
  for (const text of [lost, failed]) {
    expect(text).toContain('nothing that you entered is lost'.slice(1))
    expect(text).not.toContain('contradict')
  }
  expect(failureText('odd')).toContain('(odd)')
})
