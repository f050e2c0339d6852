// `npm run check`: types, lint, format, unused, layers. `npm run lint` leaves out the layers.
import { runChecks } from './setup/checks.mjs'
import { install } from './setup/install.mjs'

install()
const started = Date.now()
const { ran, failed } = await runChecks(process.argv.slice(2))
console.log(`\nTook ${Math.round((Date.now() - started) / 1000)} s.`)
console.log(failed.length > 0 ? `Failed: ${failed.join(', ')}.` : `All well: ${ran.join(', ')}.`)
process.exit(failed.length > 0 ? 1 : 0)
