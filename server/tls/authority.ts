// A shop's own certificate authority, for a network without names that the world knows. Made once, kept in the data folder;
// its root is put on each phone once, and the server's certificate is made anew under it when it runs out or the names change.
import 'reflect-metadata'
import { webcrypto, X509Certificate as NodeCertificate } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { isIP } from 'node:net'
import { join } from 'node:path'
import * as x509 from '@peculiar/x509'

export interface Served {
  readonly cert: string
  readonly key: string
}

export interface OwnTls extends Served {
  /** The root's certificate, PEM: what a phone must trust. */
  readonly root: string
}

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const
const DAY_MS = 86_400_000
/** Platforms take a certificate under a root that a person put there for 825 days at the most, some for 398: within both. From memory. */
const LEAF_DAYS = 397
const ROOT_DAYS = 3650
/** Made anew that long before it ends. */
const RENEW_DAYS = 30

const pemOf = (kind: string, bytes: ArrayBuffer): string =>
  `-----BEGIN ${kind}-----\n${(
    Buffer.from(bytes)
      .toString('base64')
      .match(/.{1,64}/g) ?? []
  ).join('\n')}\n-----END ${kind}-----\n`

const newKeys = () => webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify'])

const keyPem = async (key: webcrypto.CryptoKey): Promise<string> =>
  pemOf('PRIVATE KEY', await webcrypto.subtle.exportKey('pkcs8', key))

const keyFrom = (pem: string): Promise<webcrypto.CryptoKey> =>
  webcrypto.subtle.importKey(
    'pkcs8',
    Buffer.from(pem.replace(/-----[^-]+-----|\s/g, ''), 'base64'),
    ALGORITHM,
    true,
    ['sign'],
  )

const newSerial = (): string =>
  Buffer.from(webcrypto.getRandomValues(new Uint8Array(16)))
    .toString('hex')
    .replace(/^[89a-f]/, '1')

async function newRoot(now: Date): Promise<Served> {
  const keys = await newKeys()
  const root = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: newSerial(),
    name: `CN=Oak Switch of this shop ${newSerial().slice(0, 8)}`,
    notBefore: new Date(now.getTime() - DAY_MS),
    notAfter: new Date(now.getTime() + ROOT_DAYS * DAY_MS),
    keys,
    signingAlgorithm: ALGORITHM,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  })
  return { cert: `${root.toString('pem')}\n`, key: await keyPem(keys.privateKey) }
}

/** RFC 5280, 4.2.1.6: addresses and names by their own kinds. */
const altName = (name: string): x509.JsonGeneralName =>
  isIP(name) ? { type: 'ip', value: name } : { type: 'dns', value: name }

async function newLeaf(root: Served, names: readonly string[], now: Date): Promise<Served> {
  const keys = await newKeys()
  const issuer = new x509.X509Certificate(root.cert)
  const leaf = await x509.X509CertificateGenerator.create({
    serialNumber: newSerial(),
    subject: `CN=Oak Switch`,
    issuer: issuer.subject,
    notBefore: new Date(now.getTime() - DAY_MS),
    notAfter: new Date(now.getTime() + (LEAF_DAYS - 1) * DAY_MS),
    publicKey: keys.publicKey,
    signingKey: await keyFrom(root.key),
    signingAlgorithm: ALGORITHM,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(names.map(altName)),
      await x509.AuthorityKeyIdentifierExtension.create(issuer),
    ],
  })
  return { cert: `${leaf.toString('pem')}\n`, key: await keyPem(keys.privateKey) }
}

/** Is it by this root, for just these names, and not about to end? */
function fits(leaf: Served, root: Served, names: readonly string[], now: Date): boolean {
  const cert = new NodeCertificate(leaf.cert)
  const serves = (name: string) => (isIP(name) ? cert.checkIP(name) : cert.checkHost(name)) !== undefined
  return (
    cert.verify(new NodeCertificate(root.cert).publicKey) &&
    names.every(serves) &&
    new Date(cert.validTo).getTime() - now.getTime() > RENEW_DAYS * DAY_MS
  )
}

function readPair(folder: string, name: string): Served | null {
  const [cert, key] = [join(folder, `${name}.pem`), join(folder, `${name}-key.pem`)]
  if (!existsSync(cert) || !existsSync(key)) return null
  return { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') }
}

function keepPair(folder: string, name: string, { cert, key }: Served): void {
  // The key first and for this user alone: a certificate without its key is made anew, a key is never left open.
  writeFileSync(join(folder, `${name}-key.pem`), key, { mode: 0o600 })
  writeFileSync(join(folder, `${name}.pem`), cert)
}

/** `names`: host names and addresses that the server goes by; one at least. */
export async function ownTls(folder: string, names: readonly string[], now = new Date()): Promise<OwnTls> {
  x509.cryptoProvider.set(webcrypto as unknown as Crypto)
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  let root = readPair(folder, 'authority')
  if (!root) keepPair(folder, 'authority', (root = await newRoot(now)))
  let leaf = readPair(folder, 'server')
  if (!leaf || !fits(leaf, root, names, now))
    keepPair(folder, 'server', (leaf = await newLeaf(root, names, now)))
  return { cert: leaf.cert + root.cert, key: leaf.key, root: root.cert }
}
