// A compressor’s start capacitor with its resistor. The trap of its kind: a part of lower volts, and a resistor that is left behind on the old one.
import { enterNumber, expect, onCard, test, toBoard } from '../app'
import { countTaps, tapsSaid } from './visit'

test.use({ demo: true })

test('its range and volts must fit, and its resistor is told by step, card and report', async ({ app }) => {
  await countTaps(app)
  await toBoard(app)
  await app.getByTestId('stage-capacitor').click()
  await app.getByTestId('start-capacitor').getByRole('radio', { name: 'by its range' }).click()
  const asks = async (field: string, digits: string) => {
    await app.getByTestId(`start-${field}`).click()
    await enterNumber(app, digits)
  }
  await asks('low', '135')
  await asks('high', '162')
  await asks('volts', '330')
  // The van's is made for 250 V.
  await expect(app.getByTestId('start-fits')).toContainText(
    'No start capacitor on the van is rated 330 V or more.',
  )
  await asks('volts', '250')
  await app
    .getByTestId('start-fits')
    .getByRole('button', { name: /Start 135-162/ })
    .click()
  const step = app.getByTestId('fit-start-can')
  await expect(step).toContainText('a 15 kΩ 2 W resistor belongs across its posts')
  await app.getByTestId('start-bleed').getByRole('radio', { name: 'old one moved' }).click()
  await expect(step).toContainText('the old one’s resistor moved across its posts')
  await app.getByTestId('capacitor-next').click()
  await app.getByTestId('prove').click()
  await tapsSaid(app, 'start capacitor and its resistor', 32)
  await onCard(app, 'Compressor’s start: Start 135-162, 135–162 µF')
  await app.getByTestId('to-report').click()
  await app.getByTestId('report-style').getByRole('radio', { name: 'technical' }).click()
  await expect(app.getByTestId('report-done')).toContainText('the old one’s resistor moved across its posts')
})
