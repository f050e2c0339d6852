// Small JPEGs made part by part, as ITU-T T.81 has them.

export const START = [0xff, 0xd8]
export const END = [0xff, 0xd9]
/** One segment of a JPEG: its marker, its length with the two bytes of the length itself (ITU-T T.81, B.1.1.4), its content. */
export const segment = (marker: number, content: string | readonly number[]) => {
  const bytes = [...Buffer.from(content as string)]
  return [0xff, marker, (bytes.length + 2) >> 8, (bytes.length + 2) & 255, ...bytes]
}
export const picture = (...parts: readonly (readonly number[])[]) => Buffer.from(parts.flat())
export const JFIF = segment(0xe0, 'JFIF\0')
export const TABLES = [...segment(0xdb, 'q'), ...segment(0xc4, 'h')]
/** Grey, of that size (B.2.2): 8 bits, height, width, one component. */
export const frame = (width = 16, height = 8, marker = 0xc0) =>
  segment(marker, [8, height >> 8, height & 255, width >> 8, width & 255, 1, 1, 0x11, 0])
export const SCAN = segment(0xda, [1, 1, 0, 0, 63, 0])
/** A JPEG in its whole structure. */
export const jpeg = (scan = 'pixels') =>
  Buffer.concat([picture(START, JFIF, TABLES, frame(), SCAN), Buffer.from(scan), Buffer.from(END)])
