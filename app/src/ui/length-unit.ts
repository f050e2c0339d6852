// Inches with fractions or millimetres: a setting of this device, the same on every screen.
import { useEffect, useState } from 'react'
import { create } from 'zustand'

export type LengthUnit = 'in' | 'mm'
interface UnitState {
  readonly unit: LengthUnit | null
  readonly set: (unit: LengthUnit) => void
}
const useUnit = create<UnitState>((set) => ({ unit: null, set: (unit) => set({ unit }) }))

export interface UnitKeeper {
  readonly get: (name: string) => Promise<string | number | undefined>
  readonly set: (name: string, value: string) => Promise<void>
}

/** `keeper`: where small settings of this device are kept. */
export function useLengthUnit(keeper: UnitKeeper): [LengthUnit, (unit: LengthUnit) => void] {
  const { unit, set } = useUnit()
  const [asked, setAsked] = useState(unit !== null)
  useEffect(() => {
    if (asked) return
    setAsked(true)
    void keeper
      .get('length unit')
      .then((kept) => (useUnit.getState().unit === null ? set(kept === 'mm' ? 'mm' : 'in') : undefined))
  }, [asked, keeper, set])
  const choose = (next: LengthUnit) => {
    set(next)
    void keeper.set('length unit', next)
  }
  return [unit ?? 'in', choose]
}
