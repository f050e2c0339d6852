// Is this a JPEG that the app may keep? Looks at the segments only; nothing is decoded.

/** What is wrong with the bytes, in words; null when they are a whole JPEG without camera data. */
export function jpegProblem(bytes: Buffer): string | null {
  if (bytes.length === 0) return 'The photo is empty.'
  if (bytes.length < 4 || bytes.readUInt16BE(0) !== 0xffd8) return 'The photo is not a JPEG picture.'
  let at = 2
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) return 'The photo is damaged.'
    const marker = bytes[at + 1] as number
    // The picture itself begins: what went before is all there is of headers.
    if (marker === 0xda)
      return bytes.subarray(-2).equals(Buffer.from([0xff, 0xd9])) ? null : 'The photo is cut short.'
    // APP1 holds what cameras add: place, time, owner.
    if (marker === 0xe1)
      return 'The photo still carries its camera’s data, such as the place. It must be drawn anew on the device first.'
    at += 2 + bytes.readUInt16BE(at + 2)
  }
  return 'The photo is cut short.'
}
