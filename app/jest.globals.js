// What every browser has and jsdom has not.
const { TextDecoder, TextEncoder } = require('node:util')

Object.assign(globalThis, { TextDecoder, TextEncoder })
