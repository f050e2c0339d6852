// What goes wrong with the compressor beside the fan: to be told apart, never mended here.
import { compressorPosts } from '../../wiring/compressor-posts'
import type { Truth } from '../unit/truth'
import { between, pick, withCompressor, type Fault } from './fault'

const hasOne = ({ compressor }: Truth) => compressor !== null
const isOnePhase = (truth: Truth) => hasOne(truth) && compressorPosts(truth.unit) !== null

export const COMPRESSOR_FAULTS: readonly Fault[] = [
  {
    id: 'compressor-overload',
    name: 'The compressor’s overload is open while it is hot',
    subject: 'compressor',
    causes: ['comp-overload'],
    level: 2,
    fits: isOnePhase,
    applied: (truth) => withCompressor(truth, { overload: 'open' }),
  },
  {
    id: 'compressor-grounded',
    name: 'A winding of the compressor has gone to its shell',
    subject: 'compressor',
    causes: ['comp-grounded'],
    level: 2,
    fits: hasOne,
    applied: (truth, draw) => withCompressor(truth, { shellOhms: between(draw, 1.7, 2.7) }),
  },
  {
    id: 'compressor-open',
    name: 'A winding of the compressor is open',
    subject: 'compressor',
    causes: ['comp-open'],
    level: 2,
    fits: isOnePhase,
    applied: (truth, draw) => withCompressor(truth, { open: pick(draw, ['R', 'S'] as const) }),
  },
  {
    id: 'compressor-shorted',
    name: 'Turns of the compressor are shorted',
    subject: 'compressor',
    causes: ['comp-shorted'],
    level: 3,
    fits: isOnePhase,
    applied: (truth) => withCompressor(truth, { shorted: true }),
  },
  {
    id: 'compressor-locked',
    name: 'The compressor is locked',
    subject: 'compressor',
    causes: ['comp-locked'],
    level: 3,
    fits: hasOne,
    applied: (truth) => withCompressor(truth, { locked: true }),
  },
  {
    id: 'compressor-lead',
    name: 'A lead at the compressor is burnt off',
    subject: 'compressor',
    causes: ['comp-lead'],
    level: 2,
    fits: isOnePhase,
    applied: (truth) => withCompressor(truth, { leadOff: true }),
  },
  {
    id: 'compressor-start-gear',
    name: 'The compressor’s start relay has failed',
    subject: 'compressor',
    causes: ['comp-start'],
    level: 3,
    fits: isOnePhase,
    applied: (truth) => withCompressor(truth, { startGear: 'bad' }),
  },
]
