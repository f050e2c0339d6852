// A computation that gave no answer, told as what it is: a fault of the app or of the connection, never of the record.
import { WorkerLost } from './runner'

/** In words, with what to do. */
export const failureText = (error: unknown): string =>
  error instanceof WorkerLost
    ? `The part of the app that computes cannot be loaded (${error.message}). Open the app once with a connection; nothing that you entered is lost.`
    : `The app failed at this record (${error instanceof Error ? error.message : String(error)}). That is our fault, not the record’s: save the whole job as a file and send it to us. Nothing that you entered is lost.`
