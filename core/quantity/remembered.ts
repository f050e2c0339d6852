// Answers that are worked out once. For pure functions of plain values only.

/** Once for each holder and argument; forgotten with the holder. */
export function rememberedFor<H extends object, A, T>(
  make: (holder: H, argument: A) => T,
): (holder: H, argument: A) => T {
  const answers = new WeakMap<H, Map<string, T>>()
  return (holder, argument) => {
    const known = answers.get(holder) ?? new Map<string, T>()
    answers.set(holder, known)
    const key = JSON.stringify(argument)
    const answer = known.has(key) ? (known.get(key) as T) : make(holder, argument)
    known.set(key, answer)
    return answer
  }
}

/** Once for each holder. */
export function rememberedOnce<H extends object, T>(make: (holder: H) => T): (holder: H) => T {
  const answer = rememberedFor<H, null, T>((holder) => make(holder))
  return (holder) => answer(holder, null)
}

/** The last few, by what they were asked with; the oldest goes. */
export function rememberedLatest<A, T>(make: (argument: A) => T, most = 8): (argument: A) => T {
  const answers = new Map<string, T>()
  return (argument) => {
    const key = JSON.stringify(argument)
    const answer = answers.has(key) ? (answers.get(key) as T) : make(argument)
    answers.delete(key)
    answers.set(key, answer)
    for (const oldest of answers.keys()) {
      if (answers.size <= most) break
      answers.delete(oldest)
    }
    return answer
  }
}
