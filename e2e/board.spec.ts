import { expect, move, test, toBoard, verdict, signWires, pickMotor } from './app'

test('a short is made by moving a wire, said at once, blocks the card, and is mended by one press', async ({
  app,
}) => {
  await toBoard(app)
  await move(app, 'brown/white', 'T1')
  await expect(verdict(app)).toContainText('Stop. The brown/white lead joins the two lines: a dead short')
  await expect(app.getByTestId('prove')).toBeHidden()
  await expect(app.getByTestId('mend')).toHaveText('Insulate brown/white')
  await app.getByTestId('stage-card').click()
  await expect(app.getByTestId('no-card')).toBeVisible()
  await app.getByTestId('stage-board').click()
  await app.getByTestId('mend').click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
})

test('every lead can be taken in hand and moved, and the verdict follows', async ({ app }) => {
  await toBoard(app)
  for (const lead of [
    'black',
    'white',
    'brown',
    'brown/white',
    'green',
    'purple',
    'yellow',
    'orange',
    'plug brown',
  ]) {
    await move(app, lead, lead === 'green' ? 'L1' : 'GND')
    await expect(verdict(app), lead).toContainText('Stop.')
    await app.getByTestId('mend').click()
    await expect(verdict(app), lead).toHaveText('Proven in off and cooling.')
  }
})

test('what is live shows by word in each mode', async ({ app }) => {
  await toBoard(app)
  const post = (id: string) => app.getByTestId(`post-${id}`)
  await expect(post('T1')).toContainText('line 1')
  await app.getByTestId('mode').getByRole('radio', { name: 'off' }).click()
  await expect(post('T1')).toContainText('winding')
  await expect(post('T2')).toContainText('line 2')
})

test('a lead insulated by hand, then put back', async ({ app }) => {
  await toBoard(app)
  await app.getByTestId('lead-white').click()
  await app.getByTestId('insulate').click()
  await expect(verdict(app)).toContainText('The white lead is insulated, and the motor needs it landed.')
  await app.getByTestId('lead-white').click()
  await app.getByTestId('put-back').click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
})

test('the plug turned against the wanted rotation stops it', async ({ app }) => {
  await toBoard(app)
  await app.getByTestId('turn-plug').click()
  await expect(verdict(app)).toContainText('the fan needs clockwise seen from the lead end')
  await app.getByTestId('turn-plug').click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
})

test('a card goes stale when the hookup changes after it was proven', async ({ app }) => {
  await toBoard(app)
  await app.getByTestId('prove').click()
  await expect(app.getByTestId('hookup-card')).toBeVisible()
  await app.getByTestId('stage-board').click()
  await move(app, 'white', 'CAN-C')
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await app.getByTestId('stage-card').click()
  await expect(app.getByTestId('no-card')).toContainText('Something changed since it was proven.')
  await app.getByTestId('to-home').click()
  await expect(app.getByTestId(/^job-0/)).toContainText('changed since it was proven')
})

test('a motor that cannot turn the wanted way is refused where it is chosen', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await app.getByTestId('direction').getByRole('radio').last().click()
  await pickMotor(app, 'rowan-16f')
  await expect(app.getByTestId('rotation-refusal')).toContainText('cannot be reversed')
  await expect(app.getByTestId('motor-next')).toBeDisabled()
})

test('a horsepower tap: the one that is set is landed, the others are insulated', async ({ app }) => {
  await toBoard(app, { sheet: 'rowan-33m', compressor: '30' })
  await app.getByTestId('stage-motor').click()
  await app.getByRole('radio', { name: /^1\/4 hp/ }).click()
  await app.getByTestId('stage-board').click()
  await expect(app.getByTestId('lead-black')).toContainText('insulated')
  await expect(app.getByTestId('lead-blue')).toHaveAccessibleName(/T1 on the contactor/)
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
})
