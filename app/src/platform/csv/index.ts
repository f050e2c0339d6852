// Everything that reads or writes tables of text, in one part of its own: it is fetched when a file is.
export { readingRows, readingsCsv } from './readings'
export { stockRowsOf, stockText } from './stock-file'
