// Packages that the bundler takes whole, and runs whole, by their parts instead. What is written here lies in `.expo`, made anew at each
// start: a part that was not named then is there after the next one.
const { buildSync } = require('esbuild')
const { mkdirSync, readFileSync, readdirSync, writeFileSync } = require('node:fs')
const { join } = require('node:path')

const made = join(__dirname, '.expo', 'parts')

/** Every source file below these folders of the repository. */
const sourcesOf = (...folders) =>
  folders.flatMap((folder) =>
    readdirSync(join(__dirname, folder), { recursive: true, withFileTypes: true })
      .filter((file) => file.isFile() && /\.tsx?$/.test(file.name))
      .map((file) => join(file.parentPath, file.name)),
  )

/**
 * An index of parts, each run when it is first used: the framework's own packages ask for all of react-native-web by it, and home uses a
 * third. Returns the index's path.
 */
function runByParts(name) {
  const index = readFileSync(require.resolve(`${name}/dist/index.js`), 'utf8')
  const parts = [...index.matchAll(/^export \{ default as (\w+) \} from '\.\/([\w/]+)';$/gm)]
  if (parts.length !== index.match(/^export /gm)?.length)
    throw new Error(`${name} is not put together as it was`)
  const path = join(made, `${name}.js`)
  writeFileSync(
    path,
    parts
      .map(
        ([, part, file]) =>
          `Object.defineProperty(exports, '${part}', { enumerable: true, get: () => require('${name}/dist/${file}').default })\n`,
      )
      .join(''),
  )
  return path
}

/** A package with nothing in it but what is named; a name that it does not have is a type's. Returns its path. */
function takenByParts(name, named) {
  const has = new Set(Object.keys(require(name)))
  const parts = [...new Set(named)].filter((part) => has.has(part)).sort()
  const outfile = join(made, `${name}.js`)
  buildSync({
    stdin: { contents: `export { ${parts.join(', ')} } from '${name}'`, resolveDir: __dirname },
    bundle: true,
    format: 'esm',
    platform: 'browser',
    outfile,
  })
  return outfile
}

/** Which file the bundler is to take for a package, by the package's name. */
function packageParts() {
  mkdirSync(made, { recursive: true })
  const texts = sourcesOf('../core', 'src').map((path) => readFileSync(path, 'utf8'))
  const all = (pattern) => texts.flatMap((text) => Array.from(text.matchAll(pattern), ([, part]) => part))
  const web = runByParts('react-native-web')
  return {
    'react-native': web,
    'react-native-web': web,
    // The last two are those of the forms' resolver.
    valibot: takenByParts('valibot', [...all(/\bv\.(\w+)/g), 'safeParseAsync', 'getDotPath']),
    uuid: takenByParts('uuid', all(/import \{ (\w+)(?: as \w+)? \} from 'uuid'/g)),
  }
}

module.exports = { packageParts, sourcesOf }
