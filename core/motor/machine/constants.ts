// The constants of a two-winding motor: what the lead sheet may state, else what is fitted to its nameplate.
import * as v from 'valibot'

const ohms = (what: string) =>
  v.pipe(
    v.number(`${what} must be a number of Ω.`),
    v.gtValue(0, `${what} must be above 0 Ω.`),
    v.maxValue(1e5, `${what} is above 100 kΩ.`),
  )

export const MachineConstantsSchema = v.strictObject({
  mainOhms: ohms('The main winding’s resistance'),
  /** Leakage reactances are at the rated frequency. */
  mainReactanceOhms: ohms('The main winding’s leakage reactance'),
  auxiliaryOhms: ohms('The auxiliary winding’s resistance'),
  auxiliaryReactanceOhms: ohms('The auxiliary winding’s leakage reactance'),
  /** Rotor and magnetizing figures are seen from the main winding. */
  rotorOhms: ohms('The rotor’s resistance'),
  rotorReactanceOhms: ohms('The rotor’s leakage reactance'),
  magnetizingOhms: ohms('The magnetizing reactance'),
  /** Effective turns of the auxiliary over the main winding. */
  turnsRatio: v.pipe(
    v.number('The turns ratio must be a number.'),
    v.minValue(0.3, 'A turns ratio below 0.3 is no fan motor’s.'),
    v.maxValue(5, 'A turns ratio above 5 is no fan motor’s.'),
  ),
})
/** Ohms at the rated frequency, of the winding of the highest horsepower or speed. */
export type MachineConstants = v.InferOutput<typeof MachineConstantsSchema>
