// A code as squares, read back by another library from the picture that a printer makes of it.
import jsQR from 'jsqr'
import { workOutHookup } from '@oak/core/circuit/hookup'
import { writeCode } from '@oak/core/job/card/code/code-text'
import { readCode } from '@oak/core/job/card/code/read-code'
import { cardRecord } from '@oak/core/job/card/code/record'
import { LEAD_SHEETS } from '@oak/core/motor/lead-sheets'
import { requestFor } from '@oak/core/testing/fixtures'
import { printedCode } from '@oak/core/testing/printed-code'
import { UNIT_TYPES } from '@oak/core/wiring/unit-types'
import { codeSquares } from './code-squares'

const HEADING = {
  job: '01950000-0000-7000-8000-0000000000a1',
  date: '2026-11-28',
  // As long as a code carries them.
  site: 'Gull Street 4, the roof of the east wing',
  unitName: 'Condenser 3 of the north row, by the sea',
  readings: ['cooling', 'heating', 'defrost'].map((mode) => ({ mode, amps: 12.3 })),
}
/** 25 mm at 300 dots an inch. */
const DOTS = Math.floor((25 / 25.4) * 300)

describe.each(UNIT_TYPES.map((unit) => unit.id))('%s', (unit) => {
  it.each(LEAD_SHEETS.map((sheet) => sheet.id))(
    'with %s: the longest code fits into 25 mm, and is read back',
    (sheet) => {
      const request = requestFor(unit, sheet)
      const text = writeCode(cardRecord(request, workOutHookup(request), HEADING))
      const squares = codeSquares(text)
      // Without its quiet edge; three dots a square, so that a printer's ink may run by one.
      const each = Math.floor(DOTS / (squares.width - 8))
      expect(each).toBeGreaterThanOrEqual(3)
      const { data, side } = printedCode(squares, each)
      const seen = jsQR(data, side, side)
      expect(seen?.data).toBe(text)
      expect(readCode(seen?.data ?? '').ok).toBe(true)
    },
  )
})
