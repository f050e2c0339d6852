// The start in the page's HTML has its colours from base.css, before there is any script of ours: they are the app's own.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { DAY, NIGHT } from './palette'

const css = readFileSync(join(__dirname, '..', '..', 'public', 'base.css'), 'utf8')
const NAMES = {
  ground: 'ground',
  ink: 'ink',
  quiet: 'quiet',
  line: 'line',
  action: 'action',
  'on-action': 'onAction',
} as const

test.each(Object.entries(NAMES))('--%s is the palette’s, by day and by night', (name, key) => {
  const said = Array.from(css.matchAll(new RegExp(`--${name}: (#[0-9a-f]{6});`, 'g')), ([, colour]) => colour)
  expect(said).toEqual([DAY[key], NIGHT[key]])
})
