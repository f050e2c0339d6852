// The rotation finder, from the motor's stage.
import type { Locator } from '@playwright/test'
import { enterNumber, expect, test, signWires, pickMotor } from './app'

/** Where the drawn blade that stood at the top is a quarter turn later; null: it does not turn. Down the page is positive. */
const quarterTurnOf = (fan: Locator): Promise<'right' | 'left' | null> =>
  fan.evaluate((picture) => {
    const blades = picture.querySelector('[data-moves]')
    const motion = blades?.getAnimations()[0]
    const whole = motion?.effect?.getComputedTiming().duration
    if (!blades || !motion || typeof whole !== 'number') return null
    motion.pause()
    motion.currentTime = whole / 4
    const top = new DOMMatrix(getComputedStyle(blades).transform).transformPoint({ x: 0, y: -1 })
    return Math.abs(top.y) > 0.01 ? null : top.x > 0 ? 'right' : 'left'
  })

test('found from the blade, seen from both ends, with the plug; a plate that disagrees is shown and none is chosen', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await pickMotor(app, 'rowan-25r')
  await app.getByTestId('find-rotation').click()
  await app.getByTestId('near-right').click()
  await app.getByTestId('shaft-points').getByRole('radio', { name: 'toward you' }).click()
  const answer = app.getByTestId('rotation-answer')
  await expect(answer.getByLabel('CCW seen from the shaft end')).toBeVisible()
  await expect(answer.getByLabel('CW seen from the lead end', { exact: true })).toBeVisible()
  // As a clock's hand goes: from the top to the right.
  expect(await quarterTurnOf(answer.getByLabel('CW seen from the lead end', { exact: true }))).toBe('right')
  expect(await quarterTurnOf(answer.getByLabel('CCW seen from the shaft end'))).toBe('left')
  await expect(app.getByTestId('rotation-plug')).toHaveText('Plug: purple to yellow, orange to plug brown')
  // The plate names the other way: none is chosen, both are offered.
  await app.getByTestId('rotation-kind').getByRole('radio', { name: 'plate' }).click()
  await app.getByRole('radio', { name: 'CW', exact: true }).last().click()
  await app.getByRole('radio', { name: 'shaft end' }).last().click()
  await expect(app.getByTestId('rotation-conflict')).toContainText('The blade may be on upside down')
  await expect(app.getByTestId('use-rotation')).toBeHidden()
  await app.getByTestId('drop-source').click()
  await app.getByTestId('use-rotation').click()
  await expect(app.getByTestId('rotation-finder')).toBeHidden()
  await app.reload()
  await expect(
    app.getByRole('img', { name: 'Turns counter-clockwise seen from the shaft end' }),
  ).toBeVisible()
})

test('a motor that cannot be reversed refuses the found way', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await pickMotor(app, 'rowan-16f')
  await app.getByTestId('find-rotation').click()
  await app.getByTestId('rotation-kind').getByRole('radio', { name: 'wheel' }).click()
  await app.getByTestId('cups').getByRole('radio', { name: 'left' }).click()
  await expect(app.getByTestId('rotation-answer')).toContainText('counter-clockwise seen from the lead end')
  await expect(app.getByTestId('rotation-answer')).toContainText('Rowan 16F cannot be reversed')
})

test('motors are matched against the plate: what fits stands first, what cannot says why', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await app.getByTestId('stage-plates').click()
  await app.getByTestId('plate-motor-read').click()
  await app.getByTestId('label-line').fill('1/4 HP 1075 RPM 208-230V 1.6A CWLE')
  await app.getByTestId('keep-label').click()
  await app.getByTestId('plate-body-shaftInches').click()
  await enterNumber(app, '0.5')
  await app.getByTestId('stage-motor').click()
  await expect(app.getByTestId('match-rowan-25r')).toContainText('Fits at 1/4 hp.')
  await expect(app.getByTestId('match-brant-50t')).toContainText(
    'One phase and three do not stand in for each other.',
  )
  await expect(app.getByTestId(/^sheet-/).first()).toHaveAttribute(
    'data-testid',
    /^sheet-(rowan-25r|rowan-33m|teal-33e)$/,
  )
  await app.getByTestId('match-rowan-16f').click()
  await expect(app.getByTestId('row-horsepower')).toContainText('Below the old one: it would be overloaded.')
})

test('a plate that no motor has is refused, and nothing is matched against it', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-plates').click()
  await app.getByTestId('plate-motor-read').click()
  await app.getByTestId('label-line').fill('1/4 HP 1075 RPM 2 POLE 230V 1.6A')
  await app.getByTestId('keep-label').click()
  await app.getByTestId('stage-motor').click()
  await expect(app.getByTestId('plate-problem')).toContainText('1075 rpm does not go with 2 poles')
})

test.describe('motors before the old plate is read', () => {
  test.use({ demo: true })
  test('what is open for every motor is said once, with the tap that mends it', async ({
    fresh: app,
    server,
  }) => {
    await app.goto(`${server.url}/job/01950000-0000-7000-8000-000000000003/motor`)
    await expect(app.getByTestId('shared-unknowns')).toContainText(
      'The old plate is not read: speed class, horsepower and shaft diameter are open for every motor.',
    )
    // What a motor says of its own names none of them again.
    await expect(app.getByTestId('match-rowan-25r')).toBeVisible()
    await expect(app.getByText(/Not settled:.*(speed class|horsepower|shaft diameter)/)).toHaveCount(0)
    await app.getByTestId('to-plates').click()
    await expect(app).toHaveURL(/\/plates$/)
  })
})
