// A fan coil whose speeds are crossed where its wires change colour, with a wrong can; the motor stays. The trap of its kind: colours at the
// thermostat that are taken for the motor's own.
import type { Page } from '@playwright/test'
import { enterNumber, expect, signWires, test, verdict } from '../app'
import { countTaps, tapsSaid, typeLabel } from './visit'

/** The colours of a wire along its run, the last one at the motor. */
async function colours(page: Page, post: RegExp, run: readonly string[]): Promise<void> {
  await page.getByRole('button', { name: post }).first().click()
  const sheet = page.getByTestId('wire-sheet')
  for (const [i, colour] of run.entries()) {
    await sheet.getByTestId(i === 0 ? 'segment-0' : 'add-segment').click()
    await sheet.getByRole('radio', { name: `Colour: ${colour}`, exact: true }).click()
    await sheet.getByTestId('segment-done').click()
  }
  await page.keyboard.press('Escape')
  await expect(sheet).toHaveCount(0)
}

test('amps that fall name it, the motor’s own colours put each tap where it belongs, and the can is the plate’s', async ({
  app,
}) => {
  await countTaps(app)
  await app.getByTestId('start').click()
  await app.getByTestId('family-fan-coil').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-plates').click()
  await typeLabel(app, 'motor', '1/8 HP 1050 RPM 115V 1.6 A 60HZ CCWLE 5 MFD 370V')
  await typeLabel(app, 'can', '7.5 MFD 370V')
  await app.getByTestId('stage-fault').click()
  await app.getByTestId('fan-wrong-speed').click()
  await app.getByTestId('ask-speed-amps').click()
  for (const [probe, digits] of [
    ['amps-low', '1.1'],
    ['amps-medium', '0.9'],
    ['amps-high', '0.4'],
  ] as const) {
    await app.getByTestId(`read-${probe}`).click()
    await enterNumber(app, digits)
  }
  await app.keyboard.press('Escape')
  await app.getByTestId('ask-microfarads-fan').click()
  await expect(app.getByTestId('read-microfarads-FAN')).toContainText('cap 1 to cap 2')
  await app.getByTestId('read-microfarads-FAN').click()
  await enterNumber(app, '7.4')
  await expect(app.getByTestId('reading-words')).toContainText('the motor’s plate asks for 5')
  await app.keyboard.press('Escape')
  // It reads its own marking, and is the wrong one all the same.
  await expect(app.getByTestId('fault-sentence')).toContainText('the speed taps are crossed')
  await expect(app.getByTestId('fault-sentence')).toContainText(
    'the fan’s capacitor is weak or the wrong one',
  )

  await app.getByTestId('stage-wires').click()
  // Black at the thermostat’s high is red at the motor, and the other way round.
  await colours(app, /high on the thermostat/, ['black', 'red'])
  await colours(app, /med on the thermostat/, ['blue'])
  await colours(app, /low on the thermostat/, ['red', 'black'])
  await signWires(app)
  await app.getByTestId('which-motor').getByRole('radio', { name: 'the old stays' }).click()
  await expect(app.getByTestId('tag-lead-black')).toContainText('speed tap, high')
  await expect(app.getByTestId('tag-lead-red')).toContainText('speed tap, low')
  await app.getByTestId('keep-tag').click()
  await app.getByTestId('motor-next').click()
  // The can that is planned is the tag’s, not the one that was there.
  await expect(app.getByText('FAN needs, by its tag')).toBeVisible()
  await expect(app.getByTestId('capacitor-next')).toBeEnabled()
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toContainText(/Proven|Watch/)
  await tapsSaid(app, 'fan coil, crossed speeds and a wrong can', 60)
  await app.getByTestId('stage-capacitor').click()
  const off = app.getByText('Of the motor that stays, off:')
  await expect(off).toContainText('the red one on high on the thermostat')
  await expect(off).toContainText('the black one on low on the thermostat')
  await expect(off).not.toContainText('blue')
  await expect(app.getByText('Black on high on the thermostat.')).toBeVisible()
})
