// What is said must hold everywhere it stands: a supply that does not fit, an output without a lead, a start that stops the proof.
import { enterNumber, expect, onCard, test, verdict } from './app'

test.use({ demo: true })
const job = (n: number) => `/job/01950000-0000-7000-8000-00000000000${n}`

test('a supply that is chosen stops the board with its limit, and comes back when plate and meter say it', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}${job(1)}/plates`)
  await app.getByTestId('supply').click()
  await app.getByTestId('supply-own').click()
  await enterNumber(app, '460')
  await expect(app.getByTestId('supply-now')).toHaveText('460 V, 60 Hz, as it was chosen')
  await app.goto(`${server.url}${job(1)}/board`)
  await expect(verdict(app)).toContainText(
    'The supply is 460 V; the motor is rated 208–230 V. That is 100 % too high for 230 V; 10 % is the most.',
  )
  await app.getByTestId('supply').click()
  await app.getByTestId('supply-unchosen').click()
  await expect(verdict(app)).toContainText('Proven in off and cooling.')
})

test('a fan that turns backwards withdraws the proof from card and home until it is settled', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}${job(1)}/startup`)
  await expect(app.getByTestId('clamp-hint')).toContainText('Clamp round black alone')
  await app.getByTestId('turned').getByRole('radio', { name: 'backwards' }).click()
  await expect(app.getByTestId('startup-strip')).toContainText('It turns backwards: stop it.')
  await app.goto(`${server.url}${job(1)}/card`)
  await expect(app.getByTestId('no-card')).toContainText(
    'Stopped at start-up, so not proven: It turns backwards',
  )
  await app.goto(server.url)
  await expect(app.getByTestId('job-01950000-0000-7000-8000-000000000001')).toContainText(
    'Stopped at start-up',
  )
  await app.goto(`${server.url}${job(1)}/startup`)
  await app.getByTestId('turned').getByRole('radio', { name: 'right way' }).click()
  await expect(app.getByTestId('startup-strip')).toContainText('amps are not read yet')
  await app.goto(`${server.url}${job(1)}/card`)
  await onCard(app, 'Saltmarsh Bakery')
})

test('how the shop works is kept, and a new job takes it over', async ({ fresh: app, server }) => {
  await app.goto(`${server.url}/van`)
  await app.getByTestId('open-settings').click()
  const fifty = app.getByTestId('shop-hertz').getByRole('radio', { name: '50 Hz' })
  await fifty.click()
  // As a person does: the page is left once the tap is seen to have been taken.
  await expect(fifty).toBeChecked()
  await app.goto(`${server.url}/van`)
  await expect(app.getByTestId('open-settings')).toContainText('50 Hz, ±6 % of the tag')
})

test('a motor for two voltages: the board asks which its leads are joined for, and the wrong one is stopped', async ({
  app,
  server,
}) => {
  const id = job(1).split('/').at(-1) ?? ''
  const motor = (await server.changes()).filter((c) => c.job === id && c.path[0] === 'motor').at(-1)
    ?.value as { nameplate: object; settings: object }
  const joined = (volts: number, amps: number, how: string) => ({
    volts: { low: volts, high: volts },
    amps,
    how,
  })
  const dual = {
    ...motor,
    id: 'larch-25d',
    name: 'Larch 25D',
    constants: null,
    nameplate: { ...motor.nameplate, volts: { low: 115, high: 230 } },
    settings: {
      ...motor.settings,
      volts: [joined(115, 3.2, 'gray to white, pink to black'), joined(230, 1.6, 'gray to pink')],
    },
  }
  const uuid = () => crypto.randomUUID()
  const change = {
    id: uuid(),
    job: id,
    path: ['motor'],
    value: dual,
    at: Date.now(),
    device: uuid(),
    technician: 'Ines',
  }
  const response = await fetch(`${server.url}/api/changes`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ changes: [change] }),
  })
  expect(response.status).toBe(200)
  await app.goto(`${server.url}${job(1)}/board`)
  await expect(verdict(app)).toContainText(
    'the motor is for 115 or 230 V: which of them its leads are joined for is not stated',
  )
  await app
    .getByTestId('motor-volts')
    .getByRole('radio', { name: /^115 V/ })
    .click()
  await expect(verdict(app)).toContainText('The supply is 230 V; the motor is rated 115 V.')
  await app.goto(`${server.url}${job(1)}/motor`)
  await app
    .getByTestId('motor-volts')
    .getByRole('radio', { name: /^230 V/ })
    .click()
  await app.goto(`${server.url}${job(1)}/capacitor`)
  await expect(app.getByTestId('fit-volts')).toContainText('joined for 230 V: gray to pink.')
  await app.goto(`${server.url}${job(1)}/board`)
  await expect(verdict(app)).toContainText('Proven in off and cooling.')
})
