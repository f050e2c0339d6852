// What visits have in common: a plate typed as a line, the old motor that stays, and the taps from home to a proof, counted and printed.
import type { Page } from '@playwright/test'
import { expect } from '../app'

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
