// An outdoor unit with two capacitors. The trap of its kind: the compressor's side is looked for on the fan's can.
import { enterNumber, expect, signWires, test, pickMotor, verdict } from '../app'

const VAN = '00000000-0000-4000-8000-00000000a0ad'

test('the compressor’s own capacitor is tested by its own posts, and a single of the van takes its place', async ({
  app,
  server,
}) => {
  const line = (name: string, layout: string, microfarads: readonly number[], cents: number) => ({
    kind: 'capacitor',
    name,
    layout,
    microfarads,
    volts: 440,
    tolerancePercent: 6,
    protectedStart: false,
    quantity: 2,
    cents,
    countedAt: Date.UTC(2026, 0, 5),
  })
  const van = {
    'capacitor-single-40': line('Single 40', 'single', [40], 1900),
    'capacitor-seven': line('Seven sections', 'multi-tap', [30, 15, 10, 5, 4, 3.5, 2.5], 4900),
  }
  const put = await app.request.post(`${server.url}/api/changes`, {
    data: {
      changes: Object.entries(van).map(([id, value], i) => ({
        id: `0194a000-0000-7000-8000-00000000000${i + 1}`,
        job: VAN,
        path: ['stock', id],
        value,
        at: Date.UTC(2026, 0, 5, 8),
        device: '0194c000-0000-7000-8000-000000000001',
        technician: 'Ines',
      })),
    },
  })
  expect(await put.text()).not.toContain('problems')
  await app.reload()
  await app.getByTestId('start').click()
  await app.getByRole('radio', { name: /its own/ }).click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-fault').click()
  await app.getByTestId('fault-subject').getByRole('radio', { name: 'the compressor' }).click()
  await app.getByTestId('fan-hums').click()
  await app.getByTestId('ask-comp-microfarads').click()
  await expect(app.getByTestId('read-microfarads-HERM')).toContainText('The compressor’s capacitor')
  await app.getByTestId('read-microfarads-HERM').click()
  await enterNumber(app, '0.2')
  await app.keyboard.press('Escape')
  await expect(app.getByTestId('fault-sentence')).toContainText(
    'Found: the compressor’s capacitor has failed',
  )
  await app.getByTestId('stage-wires').click()
  await signWires(app)
  await app.getByTestId('direction').getByRole('radio', { name: /^CW,/ }).click()
  await pickMotor(app, 'rowan-25r')
  await app.getByTestId('motor-next').click()
  await expect(app.getByTestId('compressor-can')).toContainText('It stays, unless')
  await app.getByTestId('compressorMicrofarads').click()
  await enterNumber(app, '45')
  await app.getByTestId('compressorCanVolts').click()
  await enterNumber(app, '370')
  await expect(app.getByTestId('no-single')).toHaveText(
    'No single of 45 µF ±6 % and 370 V or more is on the van.',
  )
  await app.getByTestId('compressorMicrofarads').click()
  await enterNumber(app, '40')
  await app.getByTestId('compressor-can-capacitor-single-40').click()
  // Asked for otherwise afterwards, what was chosen is not fitted in silence.
  await app.getByTestId('compressorMicrofarads').click()
  await enterNumber(app, '45')
  await expect(app.getByTestId('compressor-can-wrong')).toHaveText(
    'Single 40 was chosen, and is not 45 µF ±6 % and 370 V or more: it is left out. Choose another, or leave the old one in.',
  )
  await app.getByTestId('compressorMicrofarads').click()
  await enterNumber(app, '40')
  await expect(app.getByTestId('compressor-can-wrong')).toHaveCount(0)
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toContainText('Proven')
  await app.getByTestId('stage-capacitor').click()
  await expect(app.getByText('then its wires one post after the other onto Single 40.')).toBeVisible()
  await app.getByTestId('stage-card').click()
  await app.getByTestId('to-report').click()
  await expect(app.getByTestId('report-done')).toContainText(
    'A new capacitor for the compressor is planned: Single 40.',
  )
  await expect(app.getByTestId('report-parts')).toContainText('1 × Single 40')
})
