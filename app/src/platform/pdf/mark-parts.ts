// What each part of a paper is, for who hears it instead of seeing it: title, heading, paragraph, list, table, picture. The tree stands in the
// order in which the paper is to be read; what is no part of it (rules, charts whose figures stand beside them, page numbers) is passed over.
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'

/** Structure types of ISO 32000-1, 14.8.4. */
export type Role =
  'Document' | 'H1' | 'H2' | 'P' | 'L' | 'LI' | 'LBody' | 'Table' | 'TR' | 'TH' | 'TD' | 'Figure'

export interface Mark {
  readonly role: Role
  /** A picture in words. */
  readonly alt?: string
  /** Columns of its table that a cell goes over. */
  readonly columns?: number
  readonly children: Mark[]
}

/** A heading, as the kit takes it: the kit passes over what it does not know, and it is read here. */
export const heading = (role: 'H1' | 'H2', content: Content): Content =>
  ({ ...(content as object), role }) as unknown as Content
/** A picture with what it shows. One without words is passed over by a reader's voice. */
export const pictured = (alt: string, content: object): Content => ({ ...content, alt }) as unknown as Content

interface Node {
  readonly [field: string]: unknown
  readonly role?: 'H1' | 'H2'
  readonly alt?: string
  readonly text?: unknown
  readonly stack?: readonly unknown[]
  readonly columns?: readonly unknown[]
  readonly ul?: readonly unknown[]
  readonly image?: unknown
  readonly svg?: unknown
  readonly table?: { readonly headerRows?: number; readonly body: readonly (readonly Node[])[] }
}

/** The same document, each text and picture with its place in the tree. */
export function markParts(document: TDocumentDefinitions): {
  readonly document: TDocumentDefinitions
  readonly root: Mark
} {
  const root = newMark('Document')
  const content = (document.content as readonly unknown[]).map((part) => marked(part, root))
  return { document: { ...document, content: content as Content[] }, root }
}

const newMark = (role: Role, more: Pick<Mark, 'alt' | 'columns'> = {}): Mark => ({
  role,
  ...more,
  children: [],
})
function child(parent: Mark, role: Role, more: Pick<Mark, 'alt' | 'columns'> = {}): Mark {
  const mark = newMark(role, more)
  parent.children.push(mark)
  return mark
}

function marked(part: unknown, parent: Mark): unknown {
  const node: Node = typeof part === 'string' ? { text: part } : (part as Node)
  const all = (parts: readonly unknown[]) => parts.map((one) => marked(one, parent))
  if (node.stack) return { ...node, stack: all(node.stack) }
  if (node.columns) return { ...node, columns: all(node.columns) }
  if (node.ul) return { ...node, ul: markedList(node.ul, child(parent, 'L')) }
  if (node.table) return { ...node, table: markedTable(node.table, child(parent, 'Table')) }
  if (node.image !== undefined || node.svg !== undefined) return markedPicture(node, parent)
  return node.text === undefined || node.text === '' ? node : markedText(node, parent)
}

const markedList = (items: readonly unknown[], list: Mark): readonly unknown[] =>
  items.map((item) => marked(item, child(child(list, 'LI'), 'LBody')))

function markedTable({ headerRows = 0, body, ...rest }: NonNullable<Node['table']>, table: Mark) {
  const rows = body.map((cells, i) => {
    const row = child(table, 'TR')
    return cells.map((cell) => {
      // The kit's stand-in for a cell that the one before it goes over.
      if (Object.keys(cell).length === 0) return cell
      const columns = cell.colSpan as number | undefined
      return marked(cell, child(row, i < headerRows ? 'TH' : 'TD', columns ? { columns } : {}))
    })
  })
  return { ...rest, headerRows, body: rows }
}

function markedPicture(node: Node, parent: Mark): Node {
  if (!node.alt) return node
  const place = node.role ? child(parent, node.role) : parent
  return { ...node, mark: child(place, 'Figure', { alt: node.alt }) }
}

/** What holds one text is that text's own place. */
const HOLDERS: readonly Role[] = ['LBody', 'TH', 'TD']

function markedText(node: Node, parent: Mark): Node {
  const isOwn = !node.role && HOLDERS.includes(parent.role)
  const mark = isOwn ? parent : child(parent, node.role ?? 'P')
  const pieces: readonly unknown[] = Array.isArray(node.text) ? node.text : [node.text]
  return {
    ...node,
    text: pieces.map((piece) =>
      typeof piece === 'string' ? { text: piece, mark } : { ...(piece as Node), mark },
    ),
  }
}
