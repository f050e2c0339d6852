// Lines of a drawn text.

/** At spaces, and inside what is longer than a line. */
export function breakLines(text: string, widthOf: (part: string) => number, widest: number): string[] {
  const lines: string[] = []
  let line = ''
  for (const word of text.split(/(?<=\s)/)) {
    for (const piece of widthOf(word) > widest ? [...word] : [word]) {
      if (line && widthOf(line + piece) > widest) {
        lines.push(line)
        line = ''
      }
      line += piece
    }
  }
  return [...lines, line]
}
