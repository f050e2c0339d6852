// Where a worker thread begins: plain Node, so that it can load the TypeScript of the registry.
require('tsx/cjs')
const workerpool = require('workerpool')
const { runOperation } = require('../../core/operations/registry.ts')

workerpool.worker({ run: runOperation })
