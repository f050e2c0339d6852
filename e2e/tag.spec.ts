// A tag read on the phone becomes a motor: chosen for the job, kept on the van, saved as a file.
import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { direction, enterNumber, expect, test, verdict, signWires } from './app'
import { countTaps, tapsSaid } from './visits/visit'

async function lead(page: Page, colour: string, role: string, stripe?: string): Promise<void> {
  await page.getByTestId('add-lead').click()
  await page.getByRole('radio', { name: `Colour: ${colour}`, exact: true }).click()
  if (stripe) {
    await page.getByTestId('has-stripe').click()
    await page.getByRole('radio', { name: `Stripe: ${stripe}`, exact: true }).click()
  }
  await page.getByRole('radiogroup', { name: 'Role' }).getByRole('radio', { name: role, exact: true }).click()
  await page.getByTestId('set-lead').click()
}

test('lead by lead, with a contradiction shown and mended, to a proven hookup; half read, it is there after a reload', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await direction(app, 'CW').click()
  await app.getByTestId('enter-tag').click()
  await app.getByTestId('tag-name').fill('Birch 25')
  await lead(app, 'black', 'motor common')
  await lead(app, 'white', 'run')
  await lead(app, 'brown', 'run')
  await expect(app.getByTestId('tag-strip')).toContainText(
    'A PSC motor has exactly one run lead; this sheet has 2.',
  )
  await app.reload()
  await expect(app.getByTestId('tag-lead-brown')).toBeVisible()
  await app.getByTestId('tag-lead-brown').click()
  await app
    .getByRole('radiogroup', { name: 'Role' })
    .getByRole('radio', { name: 'start', exact: true })
    .click()
  await app.getByTestId('set-lead').click()
  await lead(app, 'brown', 'run-return', 'white')
  for (const colour of ['purple', 'yellow', 'orange', 'gray']) await lead(app, colour, 'rotation plug')
  await app.getByTestId('tag-rpm').click()
  await enterNumber(app, '1075')
  await app.getByTestId('tag-microfarads').click()
  await enterNumber(app, '5')
  await app.getByTestId('tag-horsepower-0').getByRole('button').click()
  await app.getByTestId('tag-horsepower-0').getByRole('radio', { name: '1/4 hp' }).click()
  await app.getByTestId('tag-amps-0').click()
  await enterNumber(app, '1.5')
  await expect(app.getByTestId('keep-tag')).toBeDisabled()
  await app.getByRole('radio', { name: 'CW: purple to orange, yellow to gray', exact: true }).click()
  await app.getByRole('radio', { name: 'CCW: purple to gray, yellow to orange', exact: true }).click()
  await expect(app.getByTestId('tag-strip')).toHaveText(
    'The tag is whole, and nothing in it contradicts itself.',
  )
  const [file] = await Promise.all([app.waitForEvent('download'), app.getByTestId('save-tag').click()])
  expect(JSON.parse(readFileSync(await file.path(), 'utf8'))).toMatchObject({
    format: 'oak-switch/lead-sheet',
    id: 'birch-25',
    leads: [
      { id: 'black' },
      { id: 'white' },
      { id: 'brown' },
      { id: 'brown/white', stripe: 'WH' },
      {},
      {},
      {},
      {},
    ],
  })
  await app.getByTestId('keep-tag').click()
  await expect(app.getByTestId('sheet-birch-25')).toHaveAttribute('aria-checked', 'true')
  await app.getByTestId('motor-next').click()
  await app.getByTestId('compressor-microfarads').click()
  await enterNumber(app, '40')
  await app.getByTestId('capacitor-next').click()
  // Its tag names no ground lead: asked once, answered with one press.
  await expect(verdict(app)).toContainText('the motor’s tag names no ground lead')
  await app
    .getByTestId('frame-ground')
    .getByRole('button', { name: 'It is: seen, or read below 1 Ω' })
    .click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
})

test('a tag for two voltages takes each with its amps and how its leads are joined for it', async ({
  app,
}) => {
  await app.goto(app.url().replace(/\/$/, '/tag'))
  await app.getByTestId('tag-name').fill('Larch 33D')
  await app.getByTestId('tag-volts').click()
  await app.getByRole('radio', { name: '115/230 V', exact: true }).click()
  await expect(app.getByTestId('tag-volts-how-1')).toBeVisible()
  await app.getByTestId('tag-volts-how-0').fill('orange to white, yellow to black')
  await app.getByTestId('tag-volts-how-1').fill('orange to yellow')
  await app.getByTestId('tag-volts-amps-0').click()
  await enterNumber(app, '5.2')
  await expect(app.getByTestId('tag-volts-amps-0')).toContainText('5.2 A')
})

test('a name that is taken is said before it is kept', async ({ app }) => {
  await app.goto(app.url().replace(/\/$/, '/tag'))
  await app.getByTestId('tag-name').fill('Rowan 25R')
  await expect(app.getByTestId('tag-strip')).toContainText('There is a tag called “Rowan 25R” already')
})

test('a blade is compared with the old one, figure by figure', async ({ app }) => {
  await app.getByTestId('to-van').click()
  await app
    .getByTestId('kinds')
    .getByRole('radio', { name: /Blades/ })
    .click()
  await app.getByTestId('add-line').click()
  await app.getByTestId('add-blade-diameterInches').click()
  await enterNumber(app, '22.5')
  await app.getByTestId('put-on').click()
  await app.getByTestId('to-home').click()
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await app.getByTestId('to-blades').click()
  await app.getByTestId('old-blade-diameterInches').click()
  await enterNumber(app, '22')
  await expect(app.getByTestId('blade-blade-propeller-22-5-in')).toContainText('it would strike the shroud')
})

test('a tag of eight leads takes twenty taps at the most, from a set or from a line as it is printed', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await direction(app, 'CW').click()
  for (const way of ['set', 'line'] as const) {
    await countTaps(app)
    await app.getByTestId('enter-tag').click()
    // It opens in the kind and the volts that this job needs.
    await expect(app.getByTestId('tag-volts')).toContainText('208')
    await app.getByTestId('tag-name').fill(`Hazel 25 ${way}`)
    if (way === 'set') await app.getByTestId('lead-set-outdoor-plug').click()
    else {
      await app.getByTestId('tag-line').fill('BK common, WH run, BN start, BN/WH return, plug VT YE OG GY')
      await app.getByTestId('read-tag-line').click()
    }
    await expect(app.getByTestId(/^tag-lead-/)).toHaveCount(8)
    for (const [figure, digits] of [
      ['tag-rpm', '1075'],
      ['tag-microfarads', '7.5'],
      ['tag-amps-0', '1.5'],
    ] as const) {
      await app.getByTestId(figure).click()
      await enterNumber(app, digits)
    }
    await app.getByTestId('tag-horsepower-0').getByRole('button').click()
    await app.getByTestId('tag-horsepower-0').getByRole('radio', { name: '1/4 hp' }).click()
    await app.getByTestId('tag-turns-CW').getByRole('radio').nth(0).click()
    await app.getByTestId('tag-turns-CCW').getByRole('radio').nth(1).click()
    await app.getByTestId('keep-tag').click()
    await expect(app.getByTestId('motor-next')).toBeEnabled()
    await tapsSaid(app, `a tag of eight leads by a ${way}`, 20, 'from the motors to the motor that is chosen')
  }
})
