// A universal blower by its tag, with a plug and idle taps. The trap of its kind: idle taps tied together, or left loose above line voltage.
import { enterNumber, expect, move, onCard, test, verdict } from '../app'
import { Taps } from './visit'

test('a set of leads, the plug by direction, idle taps parked one to a post', async ({ app }) => {
  const taps = new Taps(app, 'universal blower by tag, plug and parking')
  await taps.on('start')
  await taps.on('family-gas-furnace')
  await taps.on('choose-unit')
  await taps.sign()
  await taps.choose('direction', /^CW,/)
  await taps.on('enter-tag')
  await app.getByTestId('tag-name').fill('Larch 33B')
  await taps.on('lead-set-blower-plug')
  for (const [figure, digits] of [
    ['tag-rpm', '1075'],
    ['tag-microfarads', '7.5'],
    ['tag-amps-0', '5.6'],
  ] as const) {
    await taps.on(figure)
    await enterNumber(app, digits)
    taps.add()
  }
  await app.getByTestId('tag-horsepower-0').getByRole('button').click()
  await app.getByTestId('tag-horsepower-0').getByRole('radio', { name: '1/3 hp' }).click()
  await app.getByTestId('tag-turns-CW').getByRole('radio').nth(0).click()
  await app.getByTestId('tag-turns-CCW').getByRole('radio').nth(1).click()
  for (let i = 0; i < 4; i++) taps.add()
  await expect(app.getByTestId('tag-strip')).toContainText('guessed by colour')
  await taps.on('keep-tag')
  await taps.on('motor-next')
  await expect(app.getByTestId('capacitor-next')).toBeEnabled()
  await taps.on('capacitor-next')
  await expect(verdict(app)).toContainText('CIRC has no lead on record')
  await app.getByTestId('silent-CIRC').getByRole('button').first().click()
  taps.add()
  await expect(verdict(app)).toContainText('Proven in off, heating and cooling.')
  await expect(app.getByTestId('lead-red')).toContainText('red')
  // The trap: the idle tap on a post that another one has.
  await move(app, 'red', 'COOL')
  await expect(verdict(app)).toContainText('taps are never tied together')
  await app.getByTestId('mend').click()
  await taps.on('prove')
  await onCard(app, 'PARK')
  taps.said(25)
})
