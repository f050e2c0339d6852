import { LEAD_SHEETS } from '@oak/core/motor/lead-sheets'
import { readSheetFile } from './read-sheet-file'

const good = JSON.stringify(LEAD_SHEETS[0])
const message = (text: string) => {
  const read = readSheetFile(text)
  return read.ok ? 'read' : read.message
}

it('reads a sheet as it was written', () =>
  expect(readSheetFile(good)).toEqual({ ok: true, sheet: LEAD_SHEETS[0] }))
it.each([
  ['cut short', good.slice(0, 200), 'The file is cut short or damaged: its JSON does not end as it should.'],
  ['not JSON', 'purple', 'This file is not JSON.'],
  ['null', 'null', 'This is not a lead sheet of Oak Switch.'],
  ['a job', '{"format":"oak-switch/job"}', 'This is not a lead sheet of Oak Switch.'],
  [
    'of another version',
    good.replace('"version":1', '"version":9'),
    'This lead sheet is of another version; version 1 is read here. (at version)',
  ],
  [
    'with a stranger among the joins',
    good.replace('["purple","yellow"]', '["purple","mauve"]'),
    'The sheet has no lead called “mauve”. (at settings › rotation › 0 › join › 0)',
  ],
  [
    'with no rpm',
    good.replace('"rpm":1075', '"rpm":0'),
    'Rated rpm must be above 0 rpm. (at nameplate › rpm)',
  ],
])('a file %s is refused with the reason', (_, text, expected) => expect(message(text)).toBe(expected))
