// Cans that ship with the app: what an invented van carries.
import * as v from 'valibot'
import { CanSchema, type Can } from './can'
import dual from './cans/dual-45-10.json'
import five from './cans/five-section.json'
import six from './cans/six-section.json'

export const CANS: readonly Can[] = [six, five, dual].map((data) => v.parse(CanSchema, data))
