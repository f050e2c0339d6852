// Every single mutation of a file: one operator, constant, order, branch or sentence changed. Places are found on the syntax tree, so
// that a mutant is always a program; comments, types and imports are left alone.
import ts from 'typescript'

export interface Mutation {
  readonly start: number
  readonly end: number
  readonly text: string
  /** What was changed to what, in few words. */
  readonly what: string
}

const SWAPS: Readonly<Partial<Record<ts.SyntaxKind, string>>> = {
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
  [ts.SyntaxKind.PlusToken]: '-',
  [ts.SyntaxKind.MinusToken]: '+',
  [ts.SyntaxKind.AsteriskToken]: '/',
  [ts.SyntaxKind.SlashToken]: '*',
}
const CALLS: ReadonlyMap<string, string> = new Map([
  ['some', 'every'],
  ['every', 'some'],
  ['max', 'min'],
  ['min', 'max'],
  ['floor', 'ceil'],
  ['ceil', 'floor'],
])

/** All mutations of a source text, in the order of their places. */
export function mutationsOf(name: string, text: string): Mutation[] {
  const source = ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true)
  const found: Mutation[] = []
  const put = (node: ts.Node, with_: string) =>
    found.push({
      start: node.getStart(source),
      end: node.getEnd(),
      text: with_,
      what: `${short(node.getText(source))} → ${short(with_)}`,
    })
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node) || ts.isInterfaceDeclaration(node)) return
    mutateNode(node, source, put)
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found.sort((a, b) => a.start - b.start)
}

type Put = (node: ts.Node, text: string) => void

function mutateNode(node: ts.Node, source: ts.SourceFile, put: Put): void {
  if (ts.isLiteralExpression(node) || ts.isTemplateHead(node)) return mutateLiteral(node, put)
  if (ts.isBinaryExpression(node)) {
    const swap = SWAPS[node.operatorToken.kind]
    const joinsText = node.operatorToken.kind === ts.SyntaxKind.PlusToken && hasText(node)
    if (swap && !joinsText) put(node.operatorToken, swap)
  } else if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken) {
    put(node, node.operand.getText(source))
  } else if (ts.isConditionalExpression(node)) {
    put(node.condition, `!(${node.condition.getText(source)})`)
  } else if (ts.isIfStatement(node)) {
    put(node.expression, 'false')
  } else if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
    mutateCall(node.expression, put)
  } else if (TRUTHS[node.kind]) put(node, TRUTHS[node.kind] ?? '')
}

const TRUTHS: Readonly<Partial<Record<ts.SyntaxKind, string>>> = {
  [ts.SyntaxKind.TrueKeyword]: 'false',
  [ts.SyntaxKind.FalseKeyword]: 'true',
}

function mutateLiteral(node: ts.LiteralExpression | ts.TemplateHead, put: Put): void {
  if (ts.isNumericLiteral(node) && !isKey(node) && !isSignAlone(node))
    put(node, otherNumber(Number(node.text.replace(/_/g, ''))))
  if (ts.isStringLiteral(node) && saysSomething(node)) put(node, "''")
  if (ts.isTemplateHead(node) && node.text.trim() !== '' && !isThrown(node.parent)) put(node, '`${')
}

/** The next number; of a large one its double, since a limit of 1,001 in place of 1,000 is no mistake that anyone could notice. */
const otherNumber = (n: number): string => (n === 0 ? '1' : String(n < 10 ? n + 1 : 2 * n))

function mutateCall({ name }: ts.PropertyAccessExpression, put: Put): void {
  const swap = CALLS.get(name.text)
  if (swap) put(name, swap)
}

const hasText = (node: ts.BinaryExpression): boolean =>
  [node.left, node.right].some((side) => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side))
/** The 1 of `a < b ? -1 : 1`: of what an order compares by only the sign counts. */
function isSignAlone(node: ts.NumericLiteral): boolean {
  const branch = ts.isPrefixUnaryExpression(node.parent) ? node.parent : node
  const { parent } = branch
  if (!ts.isConditionalExpression(parent) || !ts.isBinaryExpression(parent.condition)) return false
  const orders = [ts.SyntaxKind.LessThanToken, ts.SyntaxKind.GreaterThanToken]
  const text = branch.getText()
  return orders.includes(parent.condition.operatorToken.kind) && (text === '1' || text === '-1')
}
const isKey = (node: ts.Node): boolean => ts.isPropertyAssignment(node.parent) && node.parent.name === node

/** A string that people read: not a key, a discriminant or a name compared with, nor what only a defect of ours would say. */
function saysSomething(node: ts.StringLiteral): boolean {
  const { parent } = node
  const isAssurance =
    (ts.isCallExpression(parent) && ASSURANCES.has(parent.expression.getText())) || isThrown(node)
  return node.text.includes(' ') && !isKey(node) && !ts.isBinaryExpression(parent) && !isAssurance
}
/** `throw new Error('no such mode')` in the core, which trusts its types: said by a defect of ours alone. */
const isThrown = ({ parent }: ts.Node): boolean =>
  ts.isNewExpression(parent) &&
  ts.isThrowStatement(parent.parent) &&
  parent.getSourceFile().fileName.startsWith('core/')
/** `known(list[0], 'The tap')`: what it says in place of an undefined can be reached by no input. */
const ASSURANCES: ReadonlySet<string> = new Set(['known'])

const short = (text: string): string => {
  const line = text.replace(/\s+/g, ' ')
  return line.length > 60 ? `${line.slice(0, 57)}…` : line
}
