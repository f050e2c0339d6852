// A PDF's pages as JSON, by pdf.js: size in points, text in reading order, how many pictures; its title and language, and what its structure
// tags say of each page: Role[words of a picture]"its text"(what is in it). `node e2e/pdf-text.mjs FILE`
import { readFileSync } from 'node:fs'
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'

const document = await getDocument({
  data: new Uint8Array(readFileSync(process.argv[2])),
  useSystemFonts: false,
  verbosity: 0,
}).promise
const { info } = await document.getMetadata()
const pages = []
const trees = []

/** The text between each piece's marks. */
async function textsById(page) {
  const { items } = await page.getTextContent({ includeMarkedContent: true })
  const texts = new Map()
  const open = []
  for (const item of items) {
    if (item.type === 'endMarkedContent') open.pop()
    else if (item.type) open.push(item.id ?? null)
    else {
      const id = open.findLast(Boolean)
      if (id) texts.set(id, (texts.get(id) ?? '') + item.str + (item.hasEOL ? ' ' : ''))
    }
  }
  return texts
}

function written({ role, alt, children = [] }, texts) {
  const own = children.filter((c) => c.type === 'content')
  const text = own
    .map((c) => texts.get(c.id) ?? '')
    .join(' ')
    .replace(/\s+/g, ' ')
    .trim()
  const inside = children.filter((c) => c.role).map((c) => written(c, texts))
  return `${role}${alt ? `[${alt}]` : ''}${text ? `"${text}"` : ''}${inside.length > 0 ? `(${inside.join(' ')})` : ''}`
}

for (let n = 1; n <= document.numPages; n++) {
  const page = await document.getPage(n)
  const [, , width, height] = page.view
  const { items } = await page.getTextContent()
  const texts = await textsById(page)
  const tree = await page.getStructTree()
  if (tree) trees.push(tree.children.map((c) => written(c, texts)).join(' '))
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
const isTagged = (await document.getMarkInfo())?.Marked ?? false
const showsTitle = (await document.getViewerPreferences())?.DisplayDocTitle ?? false
process.stdout.write(
  JSON.stringify({
    title: info.Title ?? null,
    language: info.Language ?? null,
    showsTitle,
    isTagged,
    trees,
    pages,
  }),
)
