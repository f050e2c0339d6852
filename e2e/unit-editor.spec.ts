// A unit that fits none of the list, put together on the phone: drawn as it grows, refused where it shorts or cannot run the fan, kept for
// the shop, and worked like any other.
import { readFileSync } from 'node:fs'
import { choose, expect, onCard, pickMotor, signWires, test, verdict } from './app'
import { printedCard } from './card-picture'

test('from blocks to a proof; the next job has it on the list', async ({ app, server }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('make-unit').click()
  const strip = app.getByTestId('unit-strip')
  await expect(strip).toContainText('Add what you see in it')
  await app.getByTestId('unit-name-field').fill('Cold store condenser')
  await app.getByTestId('add-contactor').click()
  await expect(strip).toContainText('A fan on one phase has a capacitor: add its own, or the dual one.')
  await expect(app.getByTestId('keep-unit')).toBeDisabled()
  await app.getByTestId('add-dual-can').click()
  await expect(app.getByTestId('block-1-problem')).toHaveText(
    'A dual capacitor serves a compressor on one phase too: add it.',
  )
  await app.getByTestId('add-compressor').click()
  await app.getByTestId('add-splice').click()
  await expect(strip).toContainText('Every mode can run the fan, and nothing shorts.')
  // Drawn as it grows: the run wire starts in the splice now.
  await expect(app.getByTestId('unit-picture')).toContainText('Splice box')
  await expect(app.getByTestId('unit-picture')).toContainText('run')
  // The contactor that closes in no mode cannot run the fan.
  await app.getByTestId('block-0-modes').getByRole('checkbox', { name: 'cooling' }).click()
  await expect(strip).toContainText('No mode runs the fan.')
  await app.getByTestId('block-0-modes').getByRole('checkbox', { name: 'cooling' }).click()
  await app.getByTestId('keep-unit').click()
  // Its wires are there, to be traced.
  await expect(app.getByTestId('wires-picture')).toContainText('Splice box')
  await signWires(app)
  await app.getByTestId('direction').getByRole('radio', { name: /^CW,/ }).click()
  await pickMotor(app, 'rowan-25r')
  await app.getByTestId('motor-next').click()
  await app.getByTestId('compressor-microfarads').click()
  for (const digit of '40')
    await app.getByTestId('number-pad').getByRole('button', { name: digit, exact: true }).click()
  await app.getByTestId('pad-set').click()
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toContainText('Proven in off and cooling.')
  await app.getByTestId('prove').click()
  await onCard(app, 'Cold store condenser')
  // Its card, read back: the code has no room for the unit, the job that it is of has it whole.
  const card = await printedCard(app, test.info().outputPath('card.jpg'))
  await app.goto(server.url)
  await app.getByTestId('read-card').click()
  await choose(app, 'pick-card', card)
  const record = app.getByTestId('card-record')
  await expect(record).toContainText('Cold store condenser', { timeout: 60_000 })
  await expect(record).toContainText('run → the splice box')
  await app.getByTestId('next-from-card').click()
  await app.getByTestId('stage-wires').click()
  await expect(app.getByTestId('wires-picture')).toContainText('Splice box')
  await app.goto(server.url)
  await app.getByTestId('start').click()
  await app.getByTestId('own-units').getByRole('radio', { name: 'Cold store condenser' }).click()
  // Changed for the shop, and taken off its list; the job that has it keeps it.
  await app.getByTestId('change-unit').click()
  await expect(app.getByTestId('unit-name-field')).toHaveValue('Cold store condenser')
  await app.getByTestId('unit-back').click()
  await app.getByTestId('own-units').getByRole('radio', { name: 'Cold store condenser' }).click()
  await app.getByTestId('choose-unit').click()
  await expect(app.getByTestId('wires-picture')).toContainText('Splice box')
  await app.goto(server.url)
  await app.getByTestId('start').click()
  await app.getByTestId('own-units').getByRole('radio', { name: 'Cold store condenser' }).click()
  await app.getByTestId('change-unit').click()
  await app.getByTestId('drop-unit').click()
  await expect(app.getByTestId('own-units').getByRole('radio')).toHaveCount(0)
  await app.goto(server.url)
  await app.getByText('Proven in off and cooling.').first().click()
  await onCard(app, 'Cold store condenser')
})

test('saved as a file and read again; a file that shorts is refused and nothing changes', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('make-unit').click()
  await app.getByTestId('unit-name-field').fill('Kiosk blower')
  await expect(app.getByTestId('unit-shaft')).toHaveCount(0)
  await app.getByTestId('unit-fan').getByRole('radio', { name: 'blower' }).click()
  await app.getByTestId('unit-shaft').getByRole('radio', { name: 'both shaft ends' }).click()
  await app.getByTestId('add-board').click()
  await app.getByTestId('add-fan-can').click()
  const saved = app.waitForEvent('download')
  await app.getByTestId('save-unit').click()
  const path = await (await saved).path()
  const unit = JSON.parse(readFileSync(path, 'utf8')) as {
    supply: { line1: string; line2: string }
    traits: { throughShaft: boolean }
  }
  expect(unit.traits.throughShaft).toBe(true)
  await app.getByTestId('unit-back').click()
  const read = async (value: unknown) => {
    const chooser = app.waitForEvent('filechooser')
    await app.getByTestId('read-unit').click()
    await (
      await chooser
    ).setFiles({
      name: 'unit.json',
      mimeType: 'application/json',
      buffer: Buffer.from(typeof value === 'string' ? value : JSON.stringify(value)),
    })
  }
  const { line1, line2 } = unit.supply
  await read({ ...unit, links: [{ from: line1, to: line2, what: 'odd' }] })
  await expect(app.getByTestId('unit-problem')).toContainText('are joined: a dead short.')
  await read({ ...unit, links: [{ from: line1, to: line1, what: 'odd' }] })
  await expect(app.getByTestId('unit-problem')).toContainText('comes back to it.')
  await read({ ...unit, switches: [] })
  await expect(app.getByTestId('unit-problem')).toContainText('In cooling nothing runs the fan')
  await read('<script>')
  await expect(app.getByTestId('unit-problem')).toBeVisible()
  await expect(app.getByTestId('own-units').getByRole('radio')).toHaveCount(0)
  await read(unit)
  await expect(app.getByTestId('own-units').getByRole('radio', { name: 'Kiosk blower' })).toBeChecked()
  await app.getByTestId('choose-unit').click()
  await expect(app.getByTestId('wires-picture')).toContainText('COOL')
})
