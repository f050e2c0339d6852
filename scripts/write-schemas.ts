// `npm run schemas`: writes the published JSON Schemas to docs/schemas. A test holds them to the code.
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { publishedSchemas } from '../core/operations/json-schema'

const folder = resolve(__dirname, '..', 'docs', 'schemas')
rmSync(folder, { recursive: true, force: true })
mkdirSync(folder, { recursive: true })
for (const [name, schema] of Object.entries(publishedSchemas()))
  writeFileSync(resolve(folder, `${name}.schema.json`), `${JSON.stringify(schema, null, 1)}\n`)
