// Every screen and its sheets by axe-core's rules (WCAG 2.2 A and AA and its best practices): phone and desk, day and night. On the phone
// every target is measured for a gloved thumb as well.
import { expect, openScreen, test } from './app'
import { DESK, PHONE, tooSmall, wrongs } from './axe'

test.use({ demo: true })

const job = (n: number, stage: string) => `/job/01950000-0000-7000-8000-00000000000${n}/${stage}`

/** A screen, where it stands, and the sheets that its buttons open. */
const SCREENS: readonly (readonly [name: string, path: string, sheets: readonly string[]])[] = [
  ['home', '/', ['who']],
  ['van', '/van', ['line-motor-rowan-25r', 'add-line', 'import', 'ask-counter', 'open-settings']],
  ['coverage', '/van/coverage', []],
  ['office', '/office', []],
  ['tag', '/tag', ['add-lead']],
  ['safe', job(3, 'safe'), ['discharge-microfarads', 'discharge-resistor', 'step-L1-to-L2']],
  ['fault', job(2, 'fault'), ['ask-microfarads-fan']],
  ['plates', job(1, 'plates'), ['supply', 'to-old-can', 'to-estimate']],
  ['wires', job(1, 'wires'), ['wire-fan-a', 'wire-tie']],
  ['leads', job(1, 'leads'), ['add-ohm-lead']],
  ['motor', job(1, 'motor'), ['find-rotation', 'match-rowan-25r', 'to-blades']],
  ['can', job(1, 'capacitor'), ['pick-can', 'best-from-van', 'compressor-microfarads']],
  ['board', job(1, 'board'), ['verdict', 'what-if']],
  ['mount', job(1, 'mount'), ['length-of-oldBody']],
  ['start-up', job(1, 'startup'), ['read-amps-start-can']],
  ['charge', job(1, 'charge'), ['charge-suctionPsig']],
  ['card', job(5, 'card'), []],
  ['report', job(5, 'report'), ['estimate-add']],
  ['history', job(5, 'history'), []],
  ['carry', job(1, 'carry'), []],
  ['visit', job(9, 'visit'), ['order-part', 'ask-counter']],
  ['a motor that stays', job(7, 'motor'), []],
  ['two photos of a visit', job(7, 'visit'), ['to-compare']],
  ['an unknown job', '/job/none', []],
  ['practice', '/practice', []],
  ['who has shown what', '/practice/progress', []],
  ['a round that is not here', '/practice/none', []],
  ['pairing, of a server that is open', '/pair', []],
  ['read a card', '/read-card', []],
  ['phones, of a server that is open', '/phones', []],
]

for (const [name, path, sheets] of SCREENS)
  test(`${name}: nothing is wrong by axe`, async ({ fresh: app, server }) => {
    const found: string[] = []
    const add = (what: string, wrong: readonly string[]) => found.push(...wrong.map((w) => `${what}: ${w}`))
    const look = async (what: string, of: 'all' | 'colours' = 'all') => add(what, await wrongs(app, of))
    await app.setViewportSize(PHONE)
    await openScreen(app, `${server.url}${path}`)
    for (const [size, viewport] of Object.entries({ phone: PHONE, desk: DESK })) {
      await app.setViewportSize(viewport)
      await app.waitForTimeout(400)
      for (const colorScheme of ['light', 'dark'] as const) {
        await app.emulateMedia({ colorScheme })
        await look(`${size}, ${colorScheme}`, colorScheme === 'light' ? 'all' : 'colours')
      }
      if (size === 'phone') add(size, await tooSmall(app))
      for (const sheet of sheets) {
        const opens = app.getByTestId(sheet).first()
        // On a desk some of them stand beside the picture instead.
        if (size === 'desk' && (await opens.count()) === 0) continue
        await opens.click({ timeout: 8000 })
        await expect(app.getByRole('dialog')).toBeVisible()
        await look(`${size}, sheet ${sheet}`)
        if (size === 'phone') add(`sheet ${sheet}`, await tooSmall(app))
        await app.keyboard.press('Escape')
        await expect(app.getByRole('dialog')).toHaveCount(0)
      }
    }
    expect(found).toEqual([])
  })

test('a unit while it is put together: nothing is wrong by axe', async ({ fresh: app, server }) => {
  const found: string[] = []
  await app.goto(`${server.url}/unit`)
  for (const block of ['contactor', 'dual-can', 'compressor', 'splice'])
    await app.getByTestId(`add-${block}`).click()
  for (const [size, viewport] of Object.entries({ phone: PHONE, desk: DESK })) {
    await app.setViewportSize(viewport)
    await app.waitForTimeout(400)
    for (const colorScheme of ['light', 'dark'] as const) {
      await app.emulateMedia({ colorScheme })
      const all = await wrongs(app, colorScheme === 'light' ? 'all' : 'colours')
      found.push(...all.map((wrong) => `${size}, ${colorScheme}: ${wrong}`))
    }
    if (size === 'phone') found.push(...(await tooSmall(app)))
  }
  await app.setViewportSize(PHONE)
  await app.getByTestId('unit-fan').getByRole('radio', { name: 'blower' }).click()
  await app.getByTestId('add-board').click()
  found.push(...(await wrongs(app)), ...(await tooSmall(app)))
  expect(found).toEqual([])
})

test('the practice bench, its sheets and its end: nothing is wrong by axe', async ({ app, server }) => {
  const found: string[] = []
  const look = async (what: string) => {
    for (const [size, viewport] of Object.entries({ desk: DESK, phone: PHONE })) {
      await app.setViewportSize(viewport)
      await app.waitForTimeout(300)
      found.push(...(await wrongs(app)).map((wrong) => `${what}, ${size}: ${wrong}`))
    }
    found.push(...(await tooSmall(app)).map((wrong) => `${what}: ${wrong}`))
  }
  await app.goto(`${server.url}/practice`)
  await app.getByTestId('first-shared-can').click()
  for (const post of ['L1', 'L2']) await app.getByTestId('bench').getByTestId(`post-${post}`).click()
  await look('bench')
  await app.getByTestId('thermostat').getByRole('radio', { name: 'off' }).click()
  for (const id of ['open-lock', 'prove-dead', 'discharge']) await app.getByTestId(id).click()
  for (const sheet of ['to-look', 'ends', 'to-name', 'to-change']) {
    await app.getByTestId(sheet).click()
    await look(sheet)
    await app.keyboard.press('Escape')
  }
  await app.getByTestId('hand-over').click()
  await look('hand-over')
  await app.getByTestId('hand-over-now').click()
  await app.getByTestId('total').waitFor()
  await look('marks')
  await app.getByTestId('replay').click()
  await app.getByTestId('replay-step').waitFor()
  await look('replay')
  await app.emulateMedia({ colorScheme: 'dark' })
  await look('replay by night')
  expect(found).toEqual([])
})
