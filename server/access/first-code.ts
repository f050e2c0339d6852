// A shop without an owner's phone: the code for the first one is printed where the server runs, with a picture of its address.
import { toString as qrText } from 'qrcode'
import type { Access } from './access'
import { shownCode } from './secret'

/** Where a phone pairs by this code: the code stands behind the #, so that no server and no log gets it with the address. */
const pairingAddress = (base: string, code: string): string => `${base}/pair#${code}`

/** Makes a code for an owner's phone; returns what to print. */
export async function ownerCode(access: Access, base: string, person = 'Owner'): Promise<string> {
  const { code } = await access.codes.make({ person, role: 'owner' })
  await access.audit.note(null, 'code made', `for ${person}, owner, where the server runs`)
  const address = pairingAddress(base, code)
  const picture = await qrText(address, { type: 'terminal', small: true, errorCorrectionLevel: 'M' })
  return [
    `Pair the owner’s phone within ten minutes: open ${base}/pair and enter ${shownCode(code)},`,
    'or take this picture with the phone’s camera:',
    picture,
    'Run out? `npm run owner-code` makes another one.',
  ].join('\n')
}
