// A running reading of one side while it is entered.

export interface Draft {
  readonly amps: number | null
  readonly volts: number | null
  readonly rated: number | null
}
