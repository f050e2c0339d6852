// An answer of the worker is a new object each time; where it says the same, the one before is kept, and nothing that shows it is drawn again.
import { useState } from 'react'

export function useSame<T>(value: T): T {
  const [kept, setKept] = useState({ value, text: JSON.stringify(value) })
  if (kept.value === value) return value
  const text = JSON.stringify(value)
  if (kept.text === text) return kept.value
  setKept({ value, text })
  return value
}
