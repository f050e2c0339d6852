// A server of its own for each test: the real process on a free loopback port, with a folder of its own.
import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'

const root = resolve(__dirname, '..')

/** A change as the server gives it. */
export interface ServerChange {
  readonly id: string
  readonly job: string
  readonly path: string[]
  readonly value: unknown
  readonly at: number
}

export class OakServer {
  private process: ChildProcess | null = null
  private constructor(
    readonly port: number,
    private readonly demo: boolean,
    private readonly data: string,
    private readonly settings: Readonly<Record<string, string>>,
  ) {}

  /** What it has printed since it was started. */
  printed = ''

  /** `data`: a folder that has its database already; else one of its own. `settings`: more of its environment. */
  static async start({
    demo = false,
    data = mkdtempSync(join(tmpdir(), 'oak-e2e-')),
    settings = {},
  }: {
    readonly demo?: boolean
    readonly data?: string
    readonly settings?: Readonly<Record<string, string>>
  } = {}): Promise<OakServer> {
    const server = new OakServer(await freePort(), demo, data, settings)
    await server.up()
    return server
  }

  get url(): string {
    return this.settings.OAK_TLS ? `https://localhost:${this.port}` : `http://127.0.0.1:${this.port}`
  }

  /** The root of its own authority, as it lies where the server runs. */
  get authority(): string {
    return join(this.data, 'tls', 'authority.pem')
  }

  /** The code for the owner's phone, as it is printed where the server runs. */
  async ownerCode(): Promise<string> {
    for (let i = 0; i < 100; i++) {
      const code = /enter (\S{4}-\S{4}),/.exec(this.printed)?.[1]
      if (code) return code
      await new Promise((r) => setTimeout(r, 50))
    }
    throw new Error('the server printed no code')
  }

  /** Starts the process and waits until it answers. */
  async up(): Promise<void> {
    const env: NodeJS.ProcessEnv = {
      ...process.env,
      PORT: String(this.port),
      OAK_DATA: this.data,
      OAK_DEMO: this.demo ? '1' : '0',
      NODE_ENV: 'production',
      ...this.settings,
    }
    // As it was built by the tests' own start.
    this.process = spawn(process.execPath, ['server/dist/main.cjs'], {
      cwd: root,
      env,
      stdio: 'pipe',
    })
    this.printed = ''
    this.process.stdout?.on('data', (piece: Buffer) => (this.printed += piece.toString()))
    for (let i = 0; i < 150; i++) {
      if (await this.answers()) return
      await new Promise((r) => setTimeout(r, 100))
    }
    throw new Error('the server did not start')
  }

  private answers(): Promise<boolean> {
    // Whether it is trusted is for a browser to say; that it is up, it says itself.
    if (this.settings.OAK_TLS) return Promise.resolve(this.printed.includes('Oak Switch is at'))
    return fetch(`${this.url}/api/health`).then(
      (r) => r.ok,
      () => false,
    )
  }

  /** Kills it without warning, as a power cut would. */
  async kill(): Promise<void> {
    const dead = new Promise((r) => this.process?.once('exit', r))
    this.process?.kill('SIGKILL')
    await dead
    this.process = null
  }

  /** Runs one of the server's commands on its folder; returns what it said. */
  command(name: 'backup' | 'restore', ...args: string[]): string {
    const { stdout, stderr } = spawnSync(
      process.execPath,
      ['--import', 'tsx', `server/commands/${name}.ts`, ...args],
      { cwd: root, env: { ...process.env, OAK_DATA: this.data }, encoding: 'utf8' },
    )
    return `${stdout}${stderr}`
  }

  /** Puts changes as another device does; the server's answer. */
  async put(changes: readonly object[]): Promise<unknown> {
    const response = await fetch(`${this.url}/api/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ changes }),
    })
    return response.json()
  }

  /** Its disk is gone: what it starts with next is empty. */
  loseData(): void {
    rmSync(this.data, { recursive: true, force: true })
  }

  async changes(): Promise<ServerChange[]> {
    const response = await fetch(`${this.url}/api/changes?limit=500`)
    return ((await response.json()) as { changes: ServerChange[] }).changes
  }

  /** The jobs that the office finds by these words. */
  async jobs(words: readonly string[]): Promise<readonly { readonly id: string; readonly title: string }[]> {
    const response = await fetch(`${this.url}/api/jobs/office?text=${encodeURIComponent(words.join(' '))}`)
    return ((await response.json()) as { rows: { id: string; title: string }[] }).rows
  }

  async close(): Promise<void> {
    if (this.process) await this.kill()
    rmSync(this.data, { recursive: true, force: true })
  }
}

/** Tests run side by side look for ports in ranges of their own: one that is free now may be another's in the moment before it is bound. */
const FIRST_PORT = 20_000
const RANGE = 1500

async function freePort(): Promise<number> {
  const index = Number(process.env.TEST_PARALLEL_INDEX ?? 0) % 8
  for (let i = 0; i < 100; i++) {
    const port = FIRST_PORT + index * RANGE + Math.floor(Math.random() * RANGE)
    if (await isFree(port)) return port
  }
  throw new Error('no free port')
}

function isFree(port: number): Promise<boolean> {
  return new Promise((done) => {
    const probe = createServer()
    probe.once('error', () => done(false))
    probe.listen(port, '127.0.0.1', () => probe.close(() => done(true)))
  })
}
