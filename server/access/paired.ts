// What makes an app one of a paired server: the rights on its database, who judges what is written, and what people showed.
import type { AppOptions } from '../app'
import type { Database } from '../store/database'
import { practiceStore } from '../store/practice-store'
import type { Access } from './access'
import { judgeChanges } from './may-write'

export const pairedOn = (db: Database, rights: Access): NonNullable<AppOptions['access']> => ({
  rights,
  judge: (who, changes) => judgeChanges({ db, access: rights, who }, changes),
  practice: practiceStore(db),
})
