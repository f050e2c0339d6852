// The papers that a card is made for. By itself, since the app's settings know them before anything is drawn.

/** Portrait, in mm. */
export const CARD_PAPERS = {
  a5: { width: 148, height: 210 },
  'half-letter': { width: 139.7, height: 215.9 },
} as const
/** A paper by its name. */
export type CardPaper = keyof typeof CARD_PAPERS
