// Every error leaves the API as JSON: {error: {code, path, message}}.
import type { ErrorRequestHandler, Response } from 'express'
import { troubleOf } from './store/trouble'
import type { Problem } from '@oak/core/quantity/problem'

export function refuse(res: Response, status: number, code: string, problems: readonly Problem[]): void {
  const { path, message } = problems[0] ?? { path: '', message: 'The request is wrong.' }
  res.status(status).json({ error: { code, path, message, problems } })
}

/** Where the files of the server lie is nobody's business elsewhere: that is said where it runs. */
const NOT_KEPT =
  'The server cannot keep anything now; what is wrong is said where it runs. What you entered is kept on your device.'

/** Errors of the body parser carry a status and a type; anything else is ours, logged and not told. */
export const errorHandler =
  (database: string): ErrorRequestHandler =>
  (error: { status?: number; type?: string; limit?: number }, _req, res, next) => {
    if (res.headersSent) return next(error)
    if (error.type === 'entity.too.large')
      return refuse(res, 413, 'too-large', [
        {
          path: '',
          message: `What was sent is larger than ${Math.round((error.limit ?? 0) / 1_048_576)} MB.`,
        },
      ])
    if (error.type === 'too-deep')
      return refuse(res, 400, 'too-deep', [
        { path: '', message: 'Lists and objects lie too deep in one another: nothing here is that deep.' },
      ])
    if (error.type === 'other-letters')
      return refuse(res, 415, 'bad-input', [{ path: '', message: 'JSON is sent as UTF-8.' }])
    if (error.type === 'entity.parse.failed')
      return refuse(res, 400, 'bad-input', [
        { path: '', message: 'The request is not one whole JSON object.' },
      ])
    if (error.status && error.status >= 400 && error.status < 500)
      return refuse(res, error.status, 'bad-input', [{ path: '', message: 'The request could not be read.' }])
    const trouble = troubleOf(database, error)
    if (trouble) {
      console.error(trouble.message)
      return refuse(res, ['full', 'no-room'].includes(trouble.kind) ? 507 : 503, trouble.kind, [
        { path: '', message: NOT_KEPT },
      ])
    }
    console.error(error)
    refuse(res, 500, 'server-error', [
      {
        path: '',
        message: 'The server failed; nothing was changed. What you entered is kept on your device.',
      },
    ])
  }
