// Certificates as Node itself judges them, by a real handshake; and what is refused before anything is served with it.
import { X509Certificate } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { createServer, request as ask } from 'node:https'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ownTls } from './authority'
import { givenTls } from './given'
import { servedBase, servedNames } from './names'

const DAY = 86_400_000
let folder: string
beforeEach(() => void (folder = mkdtempSync(join(tmpdir(), 'oak-tls-'))))
afterEach(() => rmSync(folder, { recursive: true }))

const NAMES = ['shop-pc', '192.168.7.20', 'localhost', '127.0.0.1']

/** What a browser that trusts this root finds at this name. */
async function handshake(tls: { cert: string; key: string }, root: string | undefined, name: string) {
  const server = createServer(tls, (_req, res) => res.end('here')).listen(0, '127.0.0.1')
  await new Promise((resolve) => server.once('listening', resolve))
  const { port } = server.address() as AddressInfo
  try {
    return await new Promise<string>((resolve) => {
      const question = ask({ host: '127.0.0.1', port, servername: name, ca: root }, (res) =>
        res.on('data', (data: Buffer) => resolve(data.toString())),
      )
      question.once('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? error.message))
      question.end()
    })
  } finally {
    server.closeAllConnections()
    server.close()
  }
}

describe('a shop’s own authority', () => {
  it('is trusted by who has its root, for its names; by nobody else', async () => {
    const { root, ...tls } = await ownTls(folder, NAMES)
    expect(await handshake(tls, root, 'shop-pc')).toBe('here')
    expect(await handshake(tls, root, 'localhost')).toBe('here')
    expect(await handshake(tls, root, 'another.example')).toBe('ERR_TLS_CERT_ALTNAME_INVALID')
    expect(await handshake(tls, undefined, 'shop-pc')).toBe('SELF_SIGNED_CERT_IN_CHAIN')
  })
  it('names hosts and addresses by their own kinds, and cannot sign others by the server’s key', async () => {
    const { root, cert } = await ownTls(folder, NAMES)
    const leaf = new X509Certificate(cert)
    expect(leaf.subjectAltName).toBe(
      'DNS:shop-pc, IP Address:192.168.7.20, DNS:localhost, IP Address:127.0.0.1',
    )
    expect([leaf.ca, new X509Certificate(root).ca]).toEqual([false, true])
    const days = (Date.parse(leaf.validTo) - Date.parse(leaf.validFrom)) / DAY
    expect(Math.round(days)).toBe(397)
  })
  it('keeps its root, whose key no other user reads, and its certificate until it ends or the names change', async () => {
    const first = await ownTls(folder, NAMES)
    expect(statSync(join(folder, 'authority-key.pem')).mode & 0o077).toBe(0)
    expect(await ownTls(folder, NAMES)).toEqual(first)
    const renamed = await ownTls(folder, [...NAMES, 'oak.lan'])
    expect([renamed.root, renamed.cert === first.cert]).toEqual([first.root, false])
    const later = await ownTls(folder, [...NAMES, 'oak.lan'], new Date(Date.now() + 370 * DAY))
    expect([later.root, later.cert === renamed.cert]).toEqual([first.root, false])
  })
})

describe('a certificate that was given', () => {
  const given = async (names: readonly string[] = [], now?: Date) => {
    await ownTls(folder, NAMES)
    return givenTls(join(folder, 'server.pem'), join(folder, 'server-key.pem'), names, now)
  }
  it('is served when it is whole', async () => {
    expect(await given(['shop-pc', '192.168.7.20'])).toEqual({
      cert: readFileSync(join(folder, 'server.pem'), 'utf8'),
      key: readFileSync(join(folder, 'server-key.pem'), 'utf8'),
    })
  })
  it('of another name, run out, or not begun is told with the name or the day', async () => {
    await expect(given(['oak.lan'])).rejects.toThrow(
      'the certificate is not for oak.lan, which OAK_HOSTS names',
    )
    const late = new Date(Date.now() + 400 * DAY)
    await expect(given([], late)).rejects.toThrow(/the certificate ran out on \d{4}-\d\d-\d\d\./)
    await expect(given([], new Date(0))).rejects.toThrow(/is not valid before \d{4}-\d\d-\d\d\./)
  })
  it('with another’s key, no key, no certificate, or no file is told by its setting', async () => {
    await ownTls(folder, NAMES)
    const at = (name: string) => join(folder, name)
    writeFileSync(at('nothing.pem'), 'nothing')
    const tries: [string, string, string][] = [
      ['server.pem', 'authority-key.pem', 'is not the key of the certificate'],
      ['server.pem', 'nothing.pem', 'holds no private key'],
      ['nothing.pem', 'server-key.pem', 'holds no certificate'],
      ['missing.pem', 'server-key.pem', 'OAK_TLS_CERT: the file'],
      ['server.pem', 'missing.pem', 'OAK_TLS_KEY: the file'],
    ]
    for (const [cert, key, words] of tries) expect(() => givenTls(at(cert), at(key), [])).toThrow(words)
  })
})

it('is told to phones by its first listed name, else by an address, with the scheme that it has', () => {
  const at = (host: string, hosts: string[], kind: 'none' | 'own' | 'proxy') =>
    servedBase({ host, hosts, port: 4651, tls: { kind } })
  expect(at('0.0.0.0', ['shop-pc', 'oak.lan'], 'own')).toBe('https://shop-pc:4651')
  expect(at('192.168.7.20', [], 'own')).toBe('https://192.168.7.20:4651')
  expect(at('fd00::5', [], 'own')).toBe('https://[fd00::5]:4651')
  expect(at('127.0.0.1', ['oak.example'], 'proxy')).toBe('https://oak.example')
  expect(at('127.0.0.1', [], 'none')).toBe('http://localhost:4651')
  expect(servedNames({ host: '127.0.0.1', hosts: [] })).toEqual(['localhost', '127.0.0.1'])
})
