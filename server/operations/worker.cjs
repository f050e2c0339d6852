// Where a worker thread begins while the server runs from its sources: plain Node, so that it can load TypeScript. Built, it is worker.ts.
require('tsx/cjs')
require('./worker.ts')
