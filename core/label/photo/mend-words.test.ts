// Letters and figures that look alike, by what can stand there.
import { asFigure, asKey, mendWord } from './mend-words'

it.each([
  // A figure beside a unit.
  ['6OHZ', '60 HZ'],
  ['l15V', '115 V'],
  ['2O8-23OV', '208-230 V'],
  ['1O75RPM', '1075 RPM'],
  ['HP1/4', 'HP 1/4'],
  ['MCA22.4', 'MCA 22.4'],
  ['1PN', '1 PH'],
  ['5MFD', '5 MFD'],
  ['IPH', '1 PH'],
  ['125/VAC', '125 VAC'],
  ['15MFD/44BVAC', '15 MFD/448 VAC'],
  ['MFB-370', 'MFD 370'],
  // A figure alone, with one figure in it at least.
  ['2O8-23O', '208-230'],
  ['I1S', '115'],
  ['1B.2', '18.2'],
  ['6,2', '6.2'],
  // A word of plates.
  ['V0LTS', 'VOLTS'],
  ['VOLT5', 'VOLTS'],
  ['AMP5', 'AMPS'],
  ['HCA', 'MCA'],
  ['MED', 'MFD'],
  ['MFO', 'MFD'],
  ['MEA', 'MCA'],
  ['CHP', 'CAP'],
  ['µF', 'UF'],
  ['μF', 'UF'],
  ['uF', 'UF'],
  ['OCWLE', 'CCWLE'],
  ['GCW', 'CCW'],
  ['CVV', 'CW'],
  // Neither.
  ['GULL', 'GULL'],
  ['SOS', 'SOS'],
  ['“ROWAN”', 'ROWAN'],
  ['R-410A', 'R-410A'],
  ['48YZ', '48YZ'],
  // No direction, and no end, from a letter that may be a scratch.
  ['ECW', 'ECW'],
  ['HSE', 'HSE'],
  ['SC', 'SC'],
  ['48Y7', '48YZ'],
  ['—', ''],
  ['', ''],
])('%j is %j', (word, mended) => expect(mendWord(word)).toBe(mended))

it('a figure that ends in a point or a stroke was cut, and is none', () => {
  for (const cut of ['22.', '208/', '1/', '208-']) expect(asFigure(cut)).toBeNull()
  expect(asFigure('22.5')).toBe('22.5')
})
it('a word without any figure is one only where a figure is asked for', () => {
  expect([asFigure('SO'), asFigure('SO', true), asFigure('I', true)]).toEqual([null, '50', '1'])
})
it('two words of plates are not taken for one another', () => {
  for (const key of [
    'FLA',
    'RLA',
    'LRA',
    'MCA',
    'HP',
    'PH',
    'HZ',
    'CW',
    'CCW',
    'LE',
    'SE',
    'V',
    'A',
    'VAC',
    'CAP',
  ])
    expect(asKey(key)).toBe(key)
})
