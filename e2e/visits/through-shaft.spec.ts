// A roof unit whose motor turns something at both its ends. The trap of its kind: a motor with one shaft end that fits in every other way.
import { expect, pickMotor, signWires, test, verdict } from '../app'

test('a motor with one shaft end is stopped in the match and by the proof', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('family-roof-through-shaft').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await app.getByTestId('direction').getByRole('radio', { name: /^CW,/ }).click()
  await expect(app.getByTestId('motors')).not.toHaveAttribute('aria-busy', 'true')
  await app.getByTestId('match-alder-33b').click()
  await expect(app.getByTestId('match-sheet')).toContainText(/shaft/)
  await app.keyboard.press('Escape')
  await pickMotor(app, 'alder-33b')
  await app.getByTestId('motor-next').click()
  await expect(app.getByTestId('capacitor-next')).toBeEnabled()
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toContainText('has one shaft end; this unit’s motor turns something at both')
  await expect(app.getByTestId('prove')).toBeDisabled()
})
