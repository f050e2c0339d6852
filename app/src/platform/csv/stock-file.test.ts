import { readStockRows } from '@oak/core/van/stock-csv'
import { stockRowsOf, stockText } from './stock-file'

const READING = { countedAt: 0, sheets: ['rowan-25r'] }
const read = (text: string) => readStockRows(stockRowsOf(text), READING)

it('reads commas, semicolons, tabs, quotes, either line end and a byte-order mark alike', () => {
  const expected = expect.objectContaining({
    kind: 'capacitor',
    name: 'Dual, 45/5',
    quantity: 2,
    microfarads: [45, 5],
    volts: 440,
  })
  for (const text of [
    'kind,name,quantity,microfarads,volts\ncapacitor,"Dual, 45/5",2,45/5,440\n',
    '\uFEFFkind;name;quantity;microfarads;volts\r\ncapacitor;Dual, 45/5;2;45/5;440\r\n\r\n',
    'kind\tname\tquantity\tmicrofarads\tvolts\ncapacitor\tDual, 45/5\t2\t45/5\t440',
  ])
    expect(read(text)).toEqual({ lines: { 'capacitor-dual-45-5': expected }, problems: [] })
})
it('writes what a spreadsheet would run as text, and reads it back', () => {
  const lines = { 'part-x': { kind: 'part' as const, name: '=1+1', quantity: 1, cents: null, countedAt: 0 } }
  const text = stockText(lines)
  expect(text).toContain("'=1+1")
  expect(Object.values(read(text).lines)[0]?.name).toBe('=1+1')
})
it('does not read 100,000 rows to say that they are too many', () => {
  const text = `kind,name,quantity\n${Array.from({ length: 100_000 }, (_, i) => `part,Part ${i},1`).join('\n')}\n`
  expect(stockRowsOf(text).length).toBe(5002)
  expect(read(text).problems[0]?.message).toContain('more than 5,000 lines')
})
it('an unclosed quote is a wrong row, not a lost list', () =>
  expect(read('kind,name,quantity\npart,"Cap,1\npart,Tie,2\n').problems.length).toBeGreaterThan(0))
