// A PDF's pages as JSON, by pdf.js: size in points, text in reading order, how many pictures; its title and language. `node e2e/pdf-text.mjs FILE`
import { readFileSync } from 'node:fs'
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'

const document = await getDocument({
  data: new Uint8Array(readFileSync(process.argv[2])),
  useSystemFonts: false,
  verbosity: 0,
}).promise
const { info } = await document.getMetadata()
const pages = []
for (let n = 1; n <= document.numPages; n++) {
  const page = await document.getPage(n)
  const [, , width, height] = page.view
  const { items } = await page.getTextContent()
  const { fnArray } = await page.getOperatorList()
  pages.push({
    width,
    height,
    text: items
      .map((i) => i.str)
      .join(' ')
      .replace(/\s+/g, ' '),
    pictures: fnArray.filter((fn) => fn === OPS.paintImageXObject).length,
  })
}
const showsTitle = (await document.getViewerPreferences())?.DisplayDocTitle ?? false
process.stdout.write(
  JSON.stringify({ title: info.Title ?? null, language: info.Language ?? null, showsTitle, pages }),
)
