// Is what people read a sentence? A capital or a figure first, a full stop last, nothing doubled, nothing that a program would say.
const FIRST = /^["“(−]?[A-ZÀ-Þ0-9µ]/
const LAST = /[.?!:)]$/
const BROKEN = / {2}|\s[.,;:?!]|\b(undefined|null|NaN|Infinity)\b|\[object/

const isSentence = (text: string): boolean => FIRST.test(text) && LAST.test(text) && !BROKEN.test(text)

/** Every text under one of these keys, wherever it stands, that is no sentence: with its path. Long ones are cut. */
export function brokenProse(value: unknown, keys: ReadonlySet<string>): string[] {
  const found: string[] = []
  const walk = (inner: unknown, key: string, path: string): void => {
    if (typeof inner === 'string') {
      if (keys.has(key) && !isSentence(inner)) found.push(`${path}: “${inner.slice(0, 160)}”`)
    } else if (Array.isArray(inner)) inner.forEach((one, i) => walk(one, key, `${path}[${i}]`))
    else if (inner !== null && typeof inner === 'object')
      Object.entries(inner).forEach(([name, one]) => walk(one, name, `${path}.${name}`))
  }
  walk(value, '', '')
  return found
}
