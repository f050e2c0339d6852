// A check sum that tells a text that was damaged on its way.

/** Reversed polynomial of CRC-32 (ISO 3309, ITU-T V.42; from memory). */
const POLYNOMIAL = 0xedb88320

/** CRC-32 of a text's UTF-16 units, each as two bytes where it is above 255; eight hexadecimal digits. */
export function crc32(text: string): string {
  let crc = 0xffffffff
  const take = (byte: number) => {
    crc ^= byte
    for (let bit = 0; bit < 8; bit++) crc = crc & 1 ? (crc >>> 1) ^ POLYNOMIAL : crc >>> 1
  }
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i)
    take(unit & 0xff)
    if (unit > 0xff) take(unit >>> 8)
  }
  return ((crc ^ 0xffffffff) >>> 0).toString(16).toUpperCase().padStart(8, '0')
}
