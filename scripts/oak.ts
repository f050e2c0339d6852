// The command line over the registry: `npm run -s oak -- NAME < in.json`, or `--lines` for one object a line.
// Results on standard output; bad input gives {"error": {code, path, message}} there and exit 2.
import { createInterface } from 'node:readline'
import { text } from 'node:stream/consumers'
import { parseJson } from '../core/job/job-file'
import { badInput, OPERATIONS, type OperationResult } from '../core/operations/registry'
import { runHere } from '../server/operations/run-here'

const BAD_INPUT = 2

function answer(name: string, json: string): OperationResult {
  const parsed = parseJson(json)
  return parsed.ok
    ? runHere(name, parsed.value)
    : badInput([{ path: '', message: 'The input is not one whole JSON object.' }])
}

const line = (result: OperationResult): string =>
  `${JSON.stringify(result.ok ? result.output : { error: result.error })}\n`

function usage(): string {
  const names = OPERATIONS.map((o) => `  ${o.name.padEnd(14)}${o.help}`).join('\n')
  return `usage: npm run -s oak -- NAME [--lines] < input.json\n${names}\n`
}

async function main(args: readonly string[]): Promise<number> {
  const names = args.filter((arg) => !arg.startsWith('--'))
  const unknown = args.find((arg) => arg.startsWith('--') && arg !== '--lines' && arg !== '--help')
  if (args.includes('--help')) return (process.stdout.write(usage()), 0)
  if (names.length !== 1 || unknown) return (process.stderr.write(usage()), BAD_INPUT)
  const name = names[0] as string
  if (!args.includes('--lines')) {
    const result = answer(name, await text(process.stdin))
    process.stdout.write(line(result))
    return result.ok ? 0 : BAD_INPUT
  }
  let code = 0
  for await (const row of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
    // A blank line is a bad line: every line in has its line out.
    const result = answer(name, row)
    if (!result.ok) code = BAD_INPUT
    if (!process.stdout.write(line(result)))
      await new Promise((resolve) => process.stdout.once('drain', resolve))
  }
  return code
}

void main(process.argv.slice(2)).then((code) => {
  process.exitCode = code
})
