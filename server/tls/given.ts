// A certificate that the shop was given: looked at before anything is served with it.
import { createPrivateKey, X509Certificate } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { isIP } from 'node:net'
import type { Served } from './authority'

const dayOf = (text: string): string => new Date(text).toISOString().slice(0, 10)

function read(file: string, name: string): string {
  try {
    return readFileSync(file, 'utf8')
  } catch {
    throw new Error(`${name}: the file ${file} cannot be read.`)
  }
}

function parsed<T>(parse: () => T, what: string): T {
  try {
    return parse()
  } catch {
    throw new Error(what)
  }
}

/** Throws, in words, where browsers would refuse it. `names`: those it is to be used under. */
export function givenTls(
  certFile: string,
  keyFile: string,
  names: readonly string[],
  now = new Date(),
): Served {
  const [cert, key] = [read(certFile, 'OAK_TLS_CERT'), read(keyFile, 'OAK_TLS_KEY')]
  const certificate = parsed(
    () => new X509Certificate(cert),
    `OAK_TLS_CERT: ${certFile} holds no certificate.`,
  )
  const privateKey = parsed(() => createPrivateKey(key), `OAK_TLS_KEY: ${keyFile} holds no private key.`)
  if (!certificate.checkPrivateKey(privateKey))
    throw new Error(`OAK_TLS_KEY: ${keyFile} is not the key of the certificate in ${certFile}.`)
  if (new Date(certificate.validTo) <= now)
    throw new Error(`OAK_TLS_CERT: the certificate ran out on ${dayOf(certificate.validTo)}.`)
  if (new Date(certificate.validFrom) > now)
    throw new Error(`OAK_TLS_CERT: the certificate is not valid before ${dayOf(certificate.validFrom)}.`)
  const not = names.filter(
    (name) => (isIP(name) ? certificate.checkIP(name) : certificate.checkHost(name)) === undefined,
  )
  if (not.length > 0)
    throw new Error(`OAK_TLS_CERT: the certificate is not for ${not.join(', ')}, which OAK_HOSTS names.`)
  return { cert, key }
}
