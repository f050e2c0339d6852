// The first seconds of power: every answer that is not right stops the start, and takes the proof off the papers.
import { test, expect } from './app'

test.use({ demo: true })

const JOB = '/job/01950000-0000-7000-8000-000000000001'

test('a motor that does not run as it should: each answer with its sentence, what to look at here, and where; nothing stays proven', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}${JOB}/startup`)
  const answer = app.getByTestId('direction-answer')
  const strip = app.getByTestId('startup-strip')
  for (const [seen, sentence, first] of [
    [
      'nothing at all',
      'It does nothing at all: find what does not feed it.',
      'In cooling, live and for those qualified: volts between black on T1 on the contactor and white on C on the new can.',
    ],
    [
      'breaker or fuse',
      'Breaker or fuse goes: do not close it again.',
      'Each motor lead to the frame in ohms',
    ],
    [
      'runs, cuts out',
      'It runs, then cuts out: let it cool, and find why.',
      'Amps in each mode against its rating.',
    ],
    [
      'noise',
      'It makes a noise: power off before something breaks.',
      'it must clear shroud and guard all round',
    ],
    [
      'hums, stands',
      'It hums and stands: power off at once.',
      'What starts it: brown on the 5 µF section of the new can.',
    ],
  ] as const) {
    await app.getByTestId('turned').getByRole('radio', { name: seen }).click()
    await expect(strip).toHaveText(sentence)
    await expect(answer).toContainText(first)
  }
  await app.getByTestId('first-power-next').click()
  await expect(app.getByTestId('can-view')).toBeVisible()
  await app.getByTestId('stage-card').click()
  await expect(app.getByTestId('no-card')).toContainText(
    'Stopped at start-up, so not proven: It hums and stands: power off at once.',
  )
  await app.reload()
  await app.getByTestId('stage-startup').click()
  await app.getByTestId('turned').getByRole('radio', { name: 'right way' }).click()
  await expect(strip).toHaveText('It turns the right way; amps are not read yet.')
})
