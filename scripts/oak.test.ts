import { spawnSync } from 'node:child_process'
import { resolve } from 'node:path'

const root = resolve(__dirname, '..')
const oak = (args: string[], input: string) => {
  const run = spawnSync(
    process.execPath,
    [resolve(root, 'node_modules/tsx/dist/cli.mjs'), resolve(root, 'scripts/oak.ts'), ...args],
    { input, encoding: 'utf8', cwd: root },
  )
  return {
    code: run.status,
    out: run.stdout
      .trim()
      .split('\n')
      .filter(Boolean)
      .map((line) => JSON.parse(line) as Record<string, unknown>),
    err: run.stderr,
  }
}

describe('the command line', () => {
  it('answers one object with one object', () => {
    const { code, out } = oak(['microfarads'], '{"amps":1,"volts":265.2582,"hertz":60}')
    expect(code).toBe(0)
    expect(out[0]?.microfarads).toBeCloseTo(10, 4)
  })
  it('ends with 2 and a JSON error that names the field', () => {
    const { code, out } = oak(['microfarads'], '{"amps":0,"volts":370,"hertz":60}')
    expect(code).toBe(2)
    expect(out).toEqual([
      {
        error: expect.objectContaining({
          code: 'bad-input',
          path: 'amps',
          message: 'Amps in the start lead must be above 0 A.',
        }),
      },
    ])
  })
  it('takes a cut-short input as bad input', () =>
    expect(oak(['tap-plan'], '{"sections":[')).toMatchObject({
      code: 2,
      out: [{ error: { code: 'bad-input' } }],
    }))
  it('names the operations when the name is wrong', () =>
    expect(oak(['weld'], '{}')).toMatchObject({ code: 2, out: [{ error: { code: 'unknown-operation' } }] }))
  it('with --lines gives a line for a line, in order, an error for a bad one', () => {
    const lines = Array.from({ length: 200 }, (_, i) =>
      i % 50 === 7 ? 'nonsense' : JSON.stringify({ amps: i + 1, volts: 370, hertz: 60 }),
    )
    const { code, out } = oak(['microfarads', '--lines'], lines.join('\n'))
    expect(code).toBe(2)
    expect(out.map((o) => 'error' in o)).toEqual(lines.map((l) => l === 'nonsense'))
    expect((out[9]?.microfarads as number) / (out[4]?.microfarads as number)).toBeCloseTo(2, 9)
  })
})
