// Why the next action cannot be done yet: the words above it are tied to its button, and a press on it leads to them.
import { createContext, useContext } from 'react'

/** The id of the words; null: none stand there. */
const Reason = createContext<string | null>(null)
export const ReasonProvider = Reason.Provider
export const useReason = (): string | null => useContext(Reason)

/** Gives the words the focus, so that they are read out. */
export const readReason = (id: string | null): void => void (id && document.getElementById(id)?.focus())
