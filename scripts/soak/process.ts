// The real server as a process that can be killed at any moment, on a folder of its own.
import { randomUUID } from 'node:crypto'
import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import buildServer from '../../e2e/build-server'
import { join, resolve } from 'node:path'
import type { Place } from '../../server/store/postgres/connect'

const root = resolve(__dirname, '..', '..')
const BUILT = join(root, 'server', 'dist', 'main.cjs')
const START_MS = 30_000

export interface ServerOptions {
  /** It lets in nobody but the phones that it has paired. */
  readonly paired?: boolean
  /** On a cluster, beside any others; else on a file of its own. */
  readonly place?: Place
}

const onCluster = (place: Place | undefined) =>
  place && { OAK_DATABASE: place.url, OAK_SHOPS: `localhost=${place.shop}` }

/** What a phone signs its questions with. */
export interface Signed {
  readonly device: string
  readonly authorization: string
}

export class ServerProcess {
  private process: ChildProcess | null = null
  /** What it said on its error output. */
  said = ''
  private printed = ''
  private constructor(
    readonly port: number,
    readonly data: string,
    private readonly options: ServerOptions,
  ) {}

  static async make(options: ServerOptions = {}): Promise<ServerProcess> {
    buildServer()
    return new ServerProcess(await freePort(), mkdtempSync(join(tmpdir(), 'oak-soak-')), options)
  }

  /** A phone of the owner's. */
  async pair(): Promise<Signed> {
    for (let waited = 0; waited < START_MS; waited += 50) {
      const code = /enter (\S{4}-\S{4}),/.exec(this.printed)?.[1]
      if (!code) await pause(50)
      else {
        const answer = await fetch(`${this.url}/api/pairing`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ code, device: randomUUID(), name: 'Soak' }),
        })
        const { device, key } = (await answer.json()) as { device: string; key: string }
        return { device, authorization: `Bearer ${device}.${key}` }
      }
    }
    throw new Error('The server printed no code.')
  }

  get url(): string {
    return `http://localhost:${this.port}`
  }
  get isUp(): boolean {
    return this.process !== null && this.process.exitCode === null && this.process.signalCode === null
  }

  /** Begins to start; does not wait. */
  spawn(): void {
    this.process = spawn(process.execPath, [BUILT], {
      cwd: root,
      env: {
        ...process.env,
        PORT: String(this.port),
        OAK_DATA: this.data,
        OAK_PAIRING: this.options.paired ? '1' : '0',
        ...onCluster(this.options.place),
        NODE_ENV: 'production',
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    this.process.stdout?.on('data', (part: Buffer) => (this.printed += part.toString()))
    this.process.stderr?.on('data', (part: Buffer) => (this.said += part.toString()))
  }

  /** Waits until it answers; throws what it said when it ends instead. */
  async answers(): Promise<void> {
    for (let waited = 0; waited < START_MS; waited += 50) {
      const isWell = await fetch(`${this.url}/api/health`).then(
        (response) => response.ok,
        () => false,
      )
      if (isWell) return
      if (!this.isUp) throw new Error(`The server ended while it started: ${this.said}`)
      await pause(50)
    }
    throw new Error(`The server did not answer in time: ${this.said}`)
  }

  async kill(): Promise<void> {
    const { process: running } = this
    if (!running || !this.isUp) return
    const dead = new Promise((done) => running.once('exit', done))
    running.kill('SIGKILL')
    await dead
  }

  async remove(): Promise<void> {
    await this.kill()
    rmSync(this.data, { recursive: true, force: true })
  }
}

export const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms))

/** A port that nobody listens on now. */
function freePort(): Promise<number> {
  return new Promise((done, fail) => {
    const probe = createServer()
    probe.once('error', fail)
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => done(typeof address === 'object' && address ? address.port : 0))
    })
  })
}
