import { crc32 } from './crc32'

// Source: the check value that the catalogue of parametrised CRC algorithms gives CRC-32 (ISO-HDLC), from memory; and zlib’s crc32 of the others.
it.each([
  ['123456789', 'CBF43926'],
  ['', '00000000'],
  ['The quick brown fox jumps over the lazy dog', '414FA339'],
])('%s', (text, sum) => expect(crc32(text)).toBe(sum))
it('one sign other is another sum', () => expect(crc32('T1')).not.toBe(crc32('T2')))
