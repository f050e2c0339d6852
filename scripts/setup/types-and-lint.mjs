// Types and lint of one reading of the sources: the checker that has told the types serves the lint's rules too,
// and half a minute is saved.
import { ESLint } from 'eslint'
import ts from 'typescript'
import { root } from './run.mjs'

const options = ts.getParsedCommandLineOfConfigFile(`${root}/tsconfig.json`, undefined, {
  ...ts.sys,
  onUnRecoverableConfigFileDiagnostic: (error) => {
    throw new Error(ts.flattenDiagnosticMessageText(error.messageText, '\n'))
  },
})
const program = ts.createProgram({ rootNames: options.fileNames, options: options.options })

const wrong = [...options.errors, ...ts.getPreEmitDiagnostics(program)]
if (wrong.length > 0)
  console.error(
    ts.formatDiagnosticsWithColorAndContext(wrong, {
      getCanonicalFileName: (name) => name,
      getCurrentDirectory: () => root,
      getNewLine: () => '\n',
    }),
  )

const eslint = new ESLint({
  cwd: root,
  overrideConfig: {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { project: null, programs: [program] } },
  },
})
const results = await eslint.lintFiles(['.'])
const found = results.reduce((sum, result) => sum + result.errorCount + result.warningCount, 0)
if (found > 0) console.error(await (await eslint.loadFormatter('stylish')).format(results))
process.exit(wrong.length + found > 0 ? 1 : 0)
