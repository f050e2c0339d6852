// Files handed to the browser's downloads.
import { saveAs } from 'file-saver'

export const saveTextFile = (name: string, type: string, text: string): void =>
  saveFile(name, new Blob([text], { type }))

/** Hands a file to the browser's downloads. */
export const saveFile = (name: string, file: Blob): void => saveAs(file, name)
