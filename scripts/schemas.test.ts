import { readdirSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { publishedSchemas } from '../core/operations/json-schema'

const folder = resolve(__dirname, '..', 'docs', 'schemas')

it('the schemas in docs are those of the code (npm run schemas writes them)', () => {
  const written = Object.fromEntries(
    readdirSync(folder).map((name) => [
      name.replace('.schema.json', ''),
      JSON.parse(readFileSync(resolve(folder, name), 'utf8')) as object,
    ]),
  )
  expect(written).toEqual(JSON.parse(JSON.stringify(publishedSchemas())))
})
