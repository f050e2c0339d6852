// Cans that ship with the app: what an invented van carries. Their section sets are our own, chosen by what they can be joined to.
import * as v from 'valibot'
import { CanSchema, type Can } from './can'
import dual from './cans/dual-45-10.json'
import five from './cans/five-section.json'
import seven from './cans/seven-section.json'

export const CANS: readonly Can[] = [seven, five, dual].map((data) => v.parse(CanSchema, data))
