// The figures of a charge glance, each with what a gauge or a clamp can show.
import * as v from 'valibot'

/** Beyond these a gauge or a clamp shows nothing that a system can have. Common practice, no source. */
const psig = (what: string) =>
  v.pipe(
    v.number(`${what} must be a number of psig.`),
    v.minValue(-14.7, `${what} below a vacuum cannot be.`),
    v.maxValue(800, `${what} above 800 psig is beyond any gauge in use: read it again.`),
  )
const fahrenheit = (what: string) =>
  v.pipe(
    v.number(`${what} must be a number of °F.`),
    v.minValue(-60, `${what} below −60 °F is not believable: read it again.`),
    v.maxValue(250, `${what} above 250 °F is not believable: read it again.`),
  )

/** A difference that a unit's own chart asks for, °F. */
const target = (what: string) =>
  v.pipe(
    v.number(`${what} must be a number of °F.`),
    v.minValue(0, `${what} cannot be below 0 °F.`),
    v.maxValue(60, `${what} above 60 °F is not believable: read the chart again.`),
  )

export const CHARGE_FIGURES = {
  suctionPsig: psig('Suction pressure'),
  suctionFahrenheit: fahrenheit('The suction line'),
  liquidPsig: psig('Liquid pressure'),
  liquidFahrenheit: fahrenheit('The liquid line'),
  outdoorFahrenheit: fahrenheit('Outdoor air'),
  returnFahrenheit: fahrenheit('Return air'),
  supplyFahrenheit: fahrenheit('Supply air'),
  targetSuperheat: target('The target superheat'),
  targetSubcooling: target('The target subcooling'),
  minutes: v.pipe(
    v.number('Minutes must be a number.'),
    v.minValue(0, 'Minutes cannot be below 0.'),
    v.maxValue(10_000, 'That is more than a week.'),
  ),
} as const

/** What feeds the indoor coil: an expansion valve holds the superheat, a fixed orifice lets it follow the load. */
export const METERING = ['valve', 'fixed'] as const
/** A metering device. */
export type Metering = (typeof METERING)[number]
