// What visits have in common: a plate typed as a line, answers and readings of the fault, and the taps from home to a proof, counted and printed.
import type { Page } from '@playwright/test'
import { enterNumber, expect, signWires } from '../app'

/** Counts presses; what is typed or entered on a pad is no tap. */
export class Taps {
  private count = 0
  constructor(
    private readonly page: Page,
    private readonly visit: string,
  ) {}

  async on(testID: string): Promise<void> {
    this.count++
    await this.page.getByTestId(testID).click()
  }

  /** One of a group of choices. */
  async choose(group: string, name: string | RegExp): Promise<void> {
    this.count++
    const choice = this.page.getByTestId(group).getByRole('radio', { name })
    await choice.click()
  }

  /** The old wires, signed for by one hold. */
  async sign(): Promise<void> {
    this.count++
    await signWires(this.page)
  }

  /** A press on something without a name of its own. */
  add(): void {
    this.count++
  }

  /** Printed for whoever reads the run; more than `most` is a visit that got longer. */
  said(most: number, from = 'home'): void {
    console.log(`${this.visit}: ${this.count} taps from ${from} to the proof`)
    expect(this.count).toBeLessThanOrEqual(most)
  }
}

/** A plate or label as it is typed on its line. */
export async function typeLabel(page: Page, plate: 'motor' | 'can' | 'unit', line: string): Promise<void> {
  await page.getByTestId(`plate-${plate}-read`).click()
  await page.getByTestId('label-line').fill(line)
  await page.getByTestId('keep-label').click()
}

/** An answer to a question of the fault. A press right behind a sheet that closes is taken for its bounce: a person presses again. */
export async function answer(page: Page, ask: string, what: string): Promise<void> {
  const option = page.getByTestId(`answer-${what}`)
  await expect(async () => {
    await page.getByTestId(`ask-${ask}`).click()
    await expect(option).toBeVisible({ timeout: 2000 })
  }).toPass()
  await option.click()
}

/** Reads at a probe of a question; the figure may be “OL”. */
export async function measure(page: Page, ask: string, probe: string, figure: string): Promise<void> {
  await page.getByTestId(`ask-${ask}`).click()
  await page.getByTestId(`read-${probe}`).click()
  if (figure === 'OL') await page.getByTestId('pad-OL').click()
  else await enterNumber(page, figure)
  await page.keyboard.press('Escape')
}

/** A length on the tape's own pad: whole inches, and eighths in thirty-seconds. */
export async function tape(page: Page, figure: string, whole: string, parts: number): Promise<void> {
  await page.getByTestId(`length-of-${figure}`).click()
  for (const digit of whole) await page.getByTestId(`length-${digit}`).click()
  await page.getByTestId(`eighth-${parts}`).click()
  await page.getByTestId('length-set').click()
}

/** Counts every press on the page from now on, but those on a pad's keys: what is entered is no tap. */
export async function countTaps(page: Page): Promise<void> {
  await page.evaluate(() => {
    const counted = window as unknown as { taps?: number }
    const begun = counted.taps !== undefined
    counted.taps = 0
    if (begun) return
    document.addEventListener(
      'click',
      ({ target }) => {
        const onPad = (target as Element | null)?.closest(
          '[data-testid="number-pad"], [data-testid="length-pad"]',
        )
        if (!onPad) counted.taps = (counted.taps ?? 0) + 1
      },
      true,
    )
  })
}

/** The presses so far, printed for whoever reads the run; more than `most` is a visit that got longer. */
export async function tapsSaid(page: Page, visit: string, most: number, way = 'from home to the proof') {
  const count = await page.evaluate(() => (window as unknown as { taps: number }).taps)
  console.log(`${visit}: ${count} taps ${way}`)
  expect(count).toBeGreaterThan(4)
  expect(count).toBeLessThanOrEqual(most)
}
