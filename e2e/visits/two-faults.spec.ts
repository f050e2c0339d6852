// Two faults side by side, and a fault that nothing mends. The traps: the second fault that is found on the second visit; a breaker closed
// on a grounded compressor.
import type { Page } from '@playwright/test'
import { enterNumber, expect, test } from '../app'
import { answer, measure } from './visit'

async function begin(page: Page): Promise<void> {
  await page.getByTestId('start').click()
  await page.getByTestId('choose-unit').click()
  await page.getByTestId('stage-fault').click()
}

test('a seized fan and a dead compressor side are both found, taken by one press, and each has its next step', async ({
  app,
}) => {
  await begin(app)
  await app.getByTestId('fan-dead').click()
  await answer(app, 'compressor', 'hums')
  await answer(app, 'spin', 'seized')
  await expect(app.getByTestId('fault-sentence')).toContainText(
    'Found: a bearing of the motor is worn or seized',
  )
  await measure(app, 'microfarads-compressor', 'microfarads-HERM', '0.1')
  await expect(app.getByTestId('fault-sentence')).toHaveText(
    'Found: a bearing of the motor is worn or seized; the compressor’s capacitor has failed.',
  )
  await expect(app.getByTestId('cause-bearing')).toContainText('found')
  await expect(app.getByTestId('fault-next')).toHaveText('Take the 2 that were found')
  await app.getByTestId('fault-next').click()
  await expect(app.getByTestId('taken-faults')).toContainText('A bearing of the motor is worn or seized')
  await expect(app.getByTestId('taken-faults')).toContainText('The compressor’s capacitor has failed')
  await expect(app.getByTestId('mend-bearing')).toHaveText('To the motor')
  await expect(app.getByTestId('mend-comp-capacitor')).toHaveText('To the capacitor')
  await app.getByTestId('stage-card').click()
  await app.getByTestId('to-report').click()
  await expect(app.getByTestId('report-found')).toContainText('A bearing of the motor is worn or seized.')
  await expect(app.getByTestId('report-found')).toContainText('The compressor’s capacitor has failed.')
  await app.getByTestId('report-style').getByRole('radio', { name: 'technical' }).click()
  await expect(app.getByTestId('report-found')).toContainText('(measured or seen)')
})

test('OL on microfarads asks for the ohms, and has a field for them', async ({ app }) => {
  await begin(app)
  await app.getByTestId('fan-hums').click()
  await answer(app, 'compressor', 'runs')
  await measure(app, 'microfarads-fan', 'microfarads-FAN', 'OL')
  await expect(app.getByTestId('fault-next')).toContainText('Ohms across the fan’s side')
  await measure(app, 'can-ohms-fan', 'ohms-can-FAN', '0.4')
  await expect(app.getByTestId('fault-sentence')).toContainText(
    'Found: the fan’s capacitor is open or shorted.',
  )
})

test('a grounded compressor: its own questions, the post that is low by name, no repair but an estimate, and a visit that ends as that', async ({
  app,
}) => {
  await begin(app)
  await app.getByTestId('fault-subject').getByRole('radio', { name: 'the compressor' }).click()
  await app.getByTestId('fan-breaker').click()
  await expect(app.getByTestId('fault-next')).toContainText('Ohms from each of the compressor’s posts')
  await app.getByTestId('fault-next').click()
  await app.getByTestId('read-ohms-shell-S').click()
  await enterNumber(app, '900')
  await expect(app.getByTestId('reading-words')).toContainText('S to the shell is low.')
  await app.keyboard.press('Escape')
  await expect(app.getByTestId('fault-sentence')).toHaveText(
    'Found: a winding of the compressor has gone to ground.',
  )
  await app.getByTestId('fault-next').click()
  await expect(app.getByTestId('taken-faults')).toContainText('Do not close the breaker on it again.')
  await app.getByTestId('mend-comp-grounded').click()
  await app.getByTestId('estimate-add').click()
  await app.getByTestId('line-text').fill('Compressor, fitted')
  await app.getByTestId('line-price').click()
  await enterNumber(app, '1850')
  await app.getByTestId('line-add').click()
  await expect(app.getByTestId('estimate-total')).toContainText('1,850')
  await app.getByTestId('to-home').click()
  await expect(app.getByText('Estimate out')).toBeVisible()
  await app.getByText('Estimate out').click()
  await app.getByTestId('stage-card').click()
  await app.getByTestId('to-visit').click()
  await expect(app.getByTestId('visit-so-far')).toContainText(
    'Found: A winding of the compressor has gone to ground',
  )
  await app.getByTestId('visit-end').click()
  await expect(app.getByTestId('visit-state')).toHaveText(
    'Ended: Estimate made: A winding of the compressor has gone to ground',
  )
})
