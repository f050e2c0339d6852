/** The part that reads pictures is not on this device, and cannot be fetched now. */
export class NoReader extends Error {
  override readonly name = 'NoReader'
}
