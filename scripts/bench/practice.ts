// The practice bench: one more reading in a round of thirty acts, as the worker has it (input checked), against the same round played anew;
// and in the browser from the press that puts the second probe on to the figure on the display, the page's thread slowed four times.
import type { Page } from '@playwright/test'
import { runOperation } from '../../core/operations/registry'
import { bareFrames, onDemo, slow, tap } from './phone'
import { median } from './median'

const WANTED_MS = 20
const scenario = (seed: number) => ({
  format: 'oak-switch/practice-unit',
  version: 1,
  name: 'Bench',
  complaint: 'It hums.',
  level: 1,
  seed,
  unit: 'cooling-1-pole-shared-capacitor',
  volts: 230,
  motor: 'heron-16',
  faults: ['auxiliary-open'],
})
const POSTS = ['L1', 'L2', 'T1', 'T2', 'CAN-C', 'CAN-FAN', 'CAN-HERM'] as const
const probe = (i: number) => ({
  do: 'probe',
  dial: 'volts',
  probes: [
    { on: 'post', post: POSTS[i % POSTS.length] },
    { on: 'post', post: POSTS[(i + 1 + Math.floor(i / POSTS.length)) % POSTS.length] },
  ],
})

function timeOf(input: unknown): number {
  const from = performance.now()
  const result = runOperation('practice-round', input)
  if (!result.ok) throw new Error(result.error.message)
  return performance.now() - from
}

function benchReading(): void {
  const acts = Array.from({ length: 30 }, (_, i) => probe(i))
  const more: number[] = []
  const anew: number[] = []
  for (let seed = 1; seed <= 7; seed++) {
    anew.push(timeOf({ scenario: scenario(seed), acts }))
    more.push(timeOf({ scenario: scenario(seed), acts: [...acts, probe(31 + seed)] }))
  }
  const [one, whole] = [median(more), median(anew)]
  console.log(
    `practice, one more reading after thirty: ${one.toFixed(1)} ms (wanted ${WANTED_MS}), ${(one / whole).toFixed(2)} of the round played anew`,
  )
}

/** Marks the moment of every press, and of every change of the display. */
const WATCH = `
  window.__pressed = 0; window.__changed = 0;
  const shown = () => document.querySelector('[data-testid=meter-shows]')?.textContent ?? '';
  let before = shown();
  addEventListener('click', () => { window.__pressed = performance.now(); window.__changed = 0; before = shown() }, true);
  new MutationObserver(() => { if (shown() !== before) { before = shown(); window.__changed ||= performance.now() } })
    .observe(document.body, { childList: true, characterData: true, subtree: true });
`
const PAIRS = [
  ['L1', 'L2'],
  ['L1', 'T2'],
  ['T1', 'T2'],
  ['L2', 'T1'],
  ['CAN-C', 'T1'],
] as const

/** So often they are all made: a machine that works for others too takes a reading's time away now and then. */
const ROUNDS = 5

async function readings(page: Page, rounds: number): Promise<number[]> {
  const found: number[] = []
  const pairs = Array.from({ length: rounds }, () => PAIRS).flat()
  const post = (id: string) => page.getByTestId('bench').getByTestId(`post-${id}`)
  for (const [a, b] of pairs) {
    await tap(page, post(a))
    await page.waitForTimeout(150)
    await tap(page, post(b))
    await page
      .waitForFunction('window.__changed > window.__pressed', undefined, { timeout: 5000 })
      .catch(() => undefined)
    const [pressed = 0, changed = 0] = await page.evaluate<number[]>('[window.__pressed, window.__changed]')
    if (changed > pressed) found.push(changed - pressed)
    await page.waitForTimeout(150)
  }
  if (found.length === 0) throw new Error('No probe changed the display: nothing was measured.')
  return found
}

export async function benchPractice(): Promise<void> {
  benchReading()
  await onDemo('/practice', async (page) => {
    await page.getByTestId('first-shared-can').click()
    await page.getByTestId('bench').waitFor()
    await page.evaluate(WATCH)
    await readings(page, 1)
    for (const rate of [1, 4]) {
      await slow(page, rate)
      const ms = median(await readings(page, ROUNDS))
      const bare = median([await bareFrames(page), await bareFrames(page), await bareFrames(page)])
      console.log(
        `practice, ${rate}× slower: ${ms.toFixed(0)} ms from the second probe to the figure (wanted ${WANTED_MS}), ${(ms / bare).toFixed(1)} times two bare frames`,
      )
    }
  })
}
