// The stages before a motor is chosen: make safe, find the fault, plates and labels, the meter.
import type { Page } from '@playwright/test'
import { delivered, enterNumber, expect, test } from './app'

const job = (n: number) => `01950000-0000-7000-8000-00000000000${n}`
const open = (page: Page, n: number, stage: string) =>
  page.goto(`${new URL(page.url()).origin}/job/${job(n)}/${stage}`)
/** Takes the reading that is being asked for from the clamp meter. */
async function holdMeter(page: Page): Promise<void> {
  await page.getByRole('radio', { name: 'clamp meter' }).click()
  await expect(page.getByTestId('meter-value')).toContainText(/\d|OL/)
  await page.getByTestId('meter-hold').click()
}

test.describe('on an empty database', () => {
  test('a full job begins with making safe, and the one button leads through it', async ({ app }) => {
    await app.getByTestId('start-full').click()
    await app.getByTestId('choose-unit').click()
    await expect(app.getByTestId('live-sentence')).toContainText('T2 on the contactor stays on line 2')
    const next = app.getByTestId('safe-next')
    await next.click()
    await next.click()
    for (const pair of ['L1 to L2', 'L1 to GND', 'L2 to GND', 'T1 to T2', 'T1 to GND', 'T2 to GND']) {
      await expect(next).toHaveText(`Read ${pair}`)
      await next.click()
      await enterNumber(app, '0')
    }
    await expect(next).toHaveText('The resistor is on: start the clock')
    // A can of 5 µF through 20 kΩ is down in half a second: RC = 0.1 s, ln(622/10) = 4.13.
    await app.getByTestId('discharge-microfarads').click()
    await app.getByTestId('add-discharge-section').click()
    await enterNumber(app, '5')
    await app.keyboard.press('Escape')
    await next.click()
    await expect(next).toHaveText('Read the volts left')
    await next.click()
    await enterNumber(app, '1')
    await expect(app.getByTestId('safe-sentence')).toHaveText('Opened, proven dead and discharged.')
    await app.reload()
    await expect(app.getByTestId('safe-sentence')).toHaveText('Opened, proven dead and discharged.')
    await next.click()
    await expect(app.getByTestId('fan-tiles')).toBeVisible()
  })

  test('a live line stops it; what is waived stays in sight', async ({ app }) => {
    await app.getByTestId('start-full').click()
    await app.getByTestId('choose-unit').click()
    await app.getByTestId('step-L1-to-GND').click()
    await enterNumber(app, '121')
    await expect(app.getByTestId('safe-sentence')).toHaveText(
      'LIVE: L1 to GND. Do not touch; find what feeds it.',
    )
    await app.getByTestId('step-L1-to-GND').click()
    await enterNumber(app, '0')
    for (const step of ['step-open-1', 'step-open-2']) await app.getByTestId(step).click()
    for (const step of [
      'step-L1-to-L2',
      'step-L2-to-GND',
      'step-T1-to-T2',
      'step-T1-to-GND',
      'step-T2-to-GND',
      'step-discharged',
    ])
      await app.getByTestId(`${step}-waive`).click()
    await expect(app.getByTestId('safe-sentence')).toContainText(
      'Made safe but for what was waived: L1 to L2, L2 to GND, T1 to T2, T1 to GND, T2 to GND, the capacitor.',
    )
  })

  test('a wrong resistor is said, and the clock does not start', async ({ app }) => {
    await app.getByTestId('start-full').click()
    await app.getByTestId('choose-unit').click()
    await app.getByTestId('discharge-resistor').click()
    await app.getByTestId('resistor-ohms').click()
    await enterNumber(app, '0')
    await expect(app.getByTestId('pad-problem')).toHaveText('The resistor must be above 0 Ω.')
    await enterNumber(app, '100')
    await app.keyboard.press('Escape')
    await expect(app.getByTestId('resistor-problem')).toContainText('Take more ohms, or more watts.')
  })

  test('the fault is found by the tests it asks for, and taken', async ({ app, server }) => {
    await app.getByTestId('start-full').click()
    await app.getByTestId('choose-unit').click()
    await app.getByTestId('stage-fault').click()
    await app.getByTestId('fan-push').click()
    await expect(app.getByTestId('causes')).toContainText('capacitor')
    for (const [ask, answer] of [
      ['compressor', 'runs'],
      ['can-top', 'swollen'],
    ]) {
      await app.getByTestId(`ask-${ask}`).click()
      await app.getByTestId(`answer-${answer}`).click()
    }
    await app.getByTestId('ask-microfarads-fan').click()
    await app.getByTestId('read-microfarads-FAN').click()
    await enterNumber(app, '0.1')
    await expect(app.getByTestId('reading-words')).toContainText('Open: it reads next to nothing.')
    await app.keyboard.press('Escape')
    await expect(app.getByTestId('fault-sentence')).toHaveText(
      'Found: the fan’s capacitor is open or shorted.',
    )
    await app.getByTestId('cause-capacitor-open').click()
    await expect(app.getByTestId('cause-sheet')).toContainText('The capacitor’s top: swollen')
    await app.getByTestId('take-cause').click()
    await expect(app.getByTestId('fault-next')).toHaveText('Next: the plates')
    await delivered(app)
    expect((await server.changes()).find((c) => c.path[0] === 'fault')?.value).toMatchObject({
      cause: 'capacitor-open',
      // Measured: a fact, and no likelihood.
      strength: 'found',
    })
    const reading = (await server.changes()).find((c) => c.path[1] === 'microfarads-FAN')?.value
    expect(reading).toMatchObject({
      quantity: 'microfarads',
      value: 0.1,
      meter: 'typed',
      at: expect.any(Number),
    })
  })

  test('without a supply the windings are read to ground first, and a compressor that took it is found', async ({
    app,
  }) => {
    await app.getByTestId('start-full').click()
    await app.getByTestId('choose-unit').click()
    await app.getByTestId('stage-fault').click()
    await app.getByTestId('fan-dead').click()
    await app.getByTestId('ask-supply').click()
    await app.getByTestId('read-volts-supply').click()
    await enterNumber(app, '0.3')
    await app.keyboard.press('Escape')
    await expect(app.getByTestId('fault-sentence')).toHaveText(
      'Found: the supply is missing: breaker, fuse or disconnect. More may be wrong.',
    )
    await expect(app.getByTestId('fault-next')).toHaveText('Next: Ohms from each lead to the motor’s frame')
    await app.getByTestId('fault-next').click()
    await app.getByTestId('answer-megohms').click()
    await expect(app.getByTestId('fault-next')).toHaveText(
      'Next: Ohms from each of the compressor’s posts to its shell',
    )
    await app.getByTestId('fault-next').click()
    await app.getByTestId('read-ohms-shell-C').click()
    await enterNumber(app, '3.2')
    await expect(app.getByTestId('reading-words')).toContainText('C to the shell is low.')
    await app.keyboard.press('Escape')
    await expect(app.getByTestId('fault-sentence')).toHaveText(
      'Found: a winding of the compressor has gone to ground.',
    )
  })

  test('a compressor’s own capacitor is held against what the compressor asks for, entered in place', async ({
    app,
  }) => {
    await app.getByTestId('start-full').click()
    await app.getByRole('radio', { name: /^its own/ }).click()
    await app.getByTestId('choose-unit').click()
    await app.getByTestId('stage-fault').click()
    await app.getByTestId('fault-subject').getByRole('radio', { name: 'the compressor' }).click()
    await app.getByTestId('fan-hums').click()
    await app.getByTestId('ask-comp-microfarads').click()
    await app.getByTestId('read-microfarads-HERM').click()
    await enterNumber(app, '33')
    await expect(app.getByTestId('reading-words')).toHaveText('33 µF. No marking to hold it against.')
    await app.getByTestId('compressor-asks').click()
    await enterNumber(app, '45')
    await expect(app.getByTestId('compressor-asks')).toHaveText('The compressor asks for 45 µF')
    await expect(app.getByTestId('reading-words')).toHaveText(
      '33 µF; the compressor asks for 45. Outside what the compressor asks for: replace it.',
    )
    await app.keyboard.press('Escape')
    await expect(app.getByTestId('fault-sentence')).toHaveText(
      'Found: the compressor’s capacitor has failed.',
    )
  })

  test('what contradicts is shown, and OL is a reading', async ({ app }) => {
    await app.getByTestId('start-full').click()
    await app.getByTestId('choose-unit').click()
    await app.getByTestId('stage-fault').click()
    await app.getByTestId('fan-dead').click()
    for (const [ask, answer] of [
      ['compressor', 'silent'],
      ['contactor-pulls', 'out'],
      ['heat', 'hot'],
    ]) {
      await app.getByTestId(`ask-${ask}`).click()
      await app.getByTestId(`answer-${answer}`).click()
    }
    await expect(app.getByTestId('fault-note').first()).toContainText('goes badly with the rest')
    await app.getByTestId('ask-ohms-frame').click()
    await app.getByTestId('read-ohms-frame').click()
    await app.getByTestId('pad-OL').click()
    await expect(app.getByTestId('read-ohms-frame')).toContainText('OL')
    await expect(app.getByTestId('reading-words')).toContainText('a good one reads a megohm')
  })

  test('a label line is read piece by piece, asked where it can be read two ways, and kept', async ({
    app,
  }) => {
    await app.getByTestId('start').click()
    await app.getByTestId('choose-unit').click()
    await app.getByTestId('stage-plates').click()
    await app.getByTestId('plate-can-read').click()
    const line = app.getByTestId('label-line')
    await line.fill('gull on the roof')
    await expect(app.getByTestId('label-pieces')).toContainText('No figure on this line was recognised')
    await expect(app.getByTestId('keep-label')).toBeDisabled()
    await line.fill('45.5 MFD ±6% 440VAC')
    await expect(app.getByTestId('label-pieces')).toContainText('tolerance ±6 %')
    await expect(app.getByTestId('keep-label')).toHaveText('Choose which it is')
    await app.getByTestId('option-dual').click()
    await app.getByTestId('keep-label').click()
    await expect(app.getByTestId('plate-can-section-0')).toContainText('45 µF')
    await expect(app.getByTestId('plate-can-section-1')).toContainText('5 µF')
    // A motor’s line typed under the capacitor goes where it belongs.
    await app.getByTestId('plate-can-read').click()
    await line.fill('1/4 HP 1075 RPM 208-230V 1.4A CCWLE')
    await expect(app.getByTestId('label-pieces')).toContainText('Read as a motor’s plate')
    await app.getByTestId('keep-label').click()
    await expect(app.getByTestId('plate-motor-horsepower')).toContainText('1/4 hp')
    await app.getByTestId('plate-motor-amps').click()
    await enterNumber(app, '0')
    await expect(app.getByTestId('pad-problem')).toHaveText('Amps must be above 0 A.')
    await enterNumber(app, '1.6')
    await app.reload()
    await expect(app.getByTestId('plate-motor-amps')).toContainText('1.6 A')
    await expect(app.getByTestId('plate-motor-rotation')).toContainText('CCW')
  })

  test('a plate that cannot be read is estimated, as a range that is called one', async ({ app }) => {
    await app.getByTestId('start').click()
    await app.getByTestId('stage-plates').click()
    await app.getByTestId('to-estimate').click()
    await expect(app.getByTestId('estimate')).toContainText('Nothing known bears on it yet')
    await app.getByTestId('blade-diameter').click()
    await enterNumber(app, '22')
    await expect(app.getByTestId('estimate')).toContainText('1/8 to 1/3 hp')
    await expect(app.getByTestId('estimate')).toContainText('Estimate. Its blade is 22 in across.')
  })
})

test.describe('with the simulated meter', () => {
  test.use({ demo: true })

  test('an unmarked can is told apart from three readings', async ({ app }) => {
    await open(app, 2, 'plates')
    await app.getByTestId('to-old-can').click()
    await app.getByRole('radio', { name: 'posts unmarked' }).click()
    for (const pair of ['1-2', '1-3']) {
      await app.getByTestId(`pair-${pair}`).click()
      await holdMeter(app)
    }
    await expect(app.getByTestId('old-can')).toContainText('Still to read: post 2 to post 3.')
    await app.getByTestId('pair-2-3').click()
    await holdMeter(app)
    await expect(app.getByTestId('terminals')).toContainText('1 is C: 2–3 reads as the other two in series.')
    await expect(app.getByLabel('Post 3: FAN')).toBeVisible()
  })

  test('a reading is kept with its time, its meter and what that meter can tell', async ({ app, server }) => {
    await open(app, 2, 'fault')
    await app.getByTestId('ask-supply').click()
    await app.getByTestId('read-volts-supply').click()
    await holdMeter(app)
    await expect(app.getByTestId('read-volts-supply')).toContainText('Plover 600 clamp (simulated)')
    await delivered(app)
    const value = (await server.changes()).find((c) => c.path[1] === 'volts-supply')?.value as {
      value: number
    }
    expect(value).toMatchObject({
      meter: 'Plover 600 clamp (simulated)',
      accuracy: { percent: 1, counts: 3, resolution: 0.1 },
      range: 600,
    })
    expect(Math.abs(value.value - 238.4)).toBeLessThan(2.7)
  })

  test('a second supply is found live where the tag says off', async ({ app }) => {
    await open(app, 6, 'safe')
    await expect(app.getByTestId('safe-next')).toHaveText('Read L1 to GND')
    await app.getByTestId('safe-next').click()
    await holdMeter(app)
    await expect(app.getByTestId('safe-sentence')).toContainText('LIVE: L1 to GND')
  })

  test('a meter that vanishes in the middle says so, and nothing is kept', async ({ app, server }) => {
    await open(app, 4, 'fault')
    await app.getByTestId('ask-amps').click()
    await app.getByTestId('read-amps-motor').click()
    await app.getByRole('radio', { name: 'clamp meter' }).click()
    await expect(app.getByTestId('meter-value')).toContainText('A')
    await server.kill()
    const gone = 'The meter is gone: its line dropped. Try again, or type the reading.'
    await expect(app.getByTestId('meter-gone')).toHaveText(gone)
    // To the ear by a region that was there before.
    await expect(app.getByTestId('meter-said')).toHaveText(gone)
    await app.getByRole('radio', { name: 'type it' }).click()
    await enterNumber(app, '8.9')
    await expect(app.getByTestId('read-amps-motor')).toContainText('8.9 A')
    await server.up()
    await app.keyboard.press('Escape')
    await delivered(app)
  })

  test('a capacitor read running, by the clamp meter', async ({ app }) => {
    await open(app, 3, 'capacitor')
    // What is said of the old can comes a moment later and moves what stands below it.
    await expect(app.getByText('FAN does not read what it must')).toBeVisible()
    await app.getByTestId('FAN-amps').click()
    await holdMeter(app)
    await expect(app.getByTestId('reading-FAN')).toContainText('out of tolerance')
    await app.getByTestId('FAN-volts').click()
    await app.getByTestId('pad-OL').click()
    await expect(app.getByTestId('OL-problem')).toHaveText(
      'OL gives no value to work with: take a higher range.',
    )
    await holdMeter(app)
    // 2652.58 × 0.41 / 361 = 3.01 µF, within what the meter leaves open.
    await expect(app.getByTestId('reading-result').first()).toContainText(/[23]\.\d+ µF/)
  })

  test('crossed speeds come out of three amps', async ({ app }) => {
    await open(app, 5, 'fault')
    await app.getByTestId('ask-speed-amps').click()
    await app.getByTestId('read-amps-high').click()
    await holdMeter(app)
    await expect(app.getByTestId('reading-words')).toContainText(
      'They fall where they should rise: the taps are crossed.',
    )
    await app.keyboard.press('Escape')
    await expect(app.getByTestId('fault-sentence')).toHaveText('Found: the speed taps are crossed.')
  })
})
