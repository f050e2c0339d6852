// Whether the sheet that a part stands in has the focus to give. A sheet over a sheet gets it some time after it is drawn: what takes it
// before that loses it again to the lower one.
import { createContext, useContext } from 'react'

const Shown = createContext(true)
export const SheetShownProvider = Shown.Provider
/** Outside of any sheet: true. */
export const useSheetShown = (): boolean => useContext(Shown)
