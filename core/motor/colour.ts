// Wire colours by their letter codes. A colour is a hint about a wire, never proof, and is never shown without its name.
import * as v from 'valibot'

/** IEC 60757 letter codes (from memory). */
export const COLOUR_CODES = [
  'BK',
  'BN',
  'RD',
  'OG',
  'YE',
  'GN',
  'BU',
  'VT',
  'GY',
  'WH',
  'PK',
  'GNYE',
] as const
/** A colour's letters (IEC 60757, from memory). */
export type ColourCode = (typeof COLOUR_CODES)[number]

/** The trade's names of the colours; violet is called purple on wires. */
export const COLOUR_NAMES: Readonly<Record<ColourCode, string>> = {
  BK: 'black',
  BN: 'brown',
  RD: 'red',
  OG: 'orange',
  YE: 'yellow',
  GN: 'green',
  BU: 'blue',
  VT: 'purple',
  GY: 'gray',
  WH: 'white',
  PK: 'pink',
  GNYE: 'green-yellow',
}

export const ColourCodeSchema = v.picklist(
  COLOUR_CODES,
  'The colour must be one of the letter codes BK BN RD OG YE GN BU VT GY WH PK GNYE.',
)

export const InsulationSchema = v.strictObject({
  colour: ColourCodeSchema,
  /** Tracer along the wire, if any. */
  stripe: v.optional(v.nullable(ColourCodeSchema)),
})
/** The insulation of one piece of wire: its colour and, if it has one, the colour of its stripe. */
export type Insulation = v.InferOutput<typeof InsulationSchema>

/** "brown with white stripe" */
export const insulationName = ({ colour, stripe }: Insulation): string =>
  stripe ? `${COLOUR_NAMES[colour]} with ${COLOUR_NAMES[stripe]} stripe` : COLOUR_NAMES[colour]

/** "brown/white" */
export const insulationShort = ({ colour, stripe }: Insulation): string =>
  stripe ? `${COLOUR_NAMES[colour]}/${COLOUR_NAMES[stripe]}` : COLOUR_NAMES[colour]

/** "BN/WH" */
export const insulationCode = ({ colour, stripe }: Insulation): string =>
  stripe ? `${colour}/${stripe}` : colour

/** The same colour and the same stripe, or none on both. */
export const sameInsulation = (a: Insulation, b: Insulation): boolean =>
  a.colour === b.colour && (a.stripe ?? null) === (b.stripe ?? null)
