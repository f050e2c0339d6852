// The question that a visit begins with. Alone in its file: a screen needs it without the list of causes.
import type { Subject } from './model'

/** The test that asks what it does: the complaint. */
export const SYMPTOMS: Readonly<Record<Subject, string>> = { fan: 'fan-does', compressor: 'comp-does' }
