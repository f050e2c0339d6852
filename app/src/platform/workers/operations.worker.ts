// The registry in a worker: the same operations as the API and the command line, off the interface's thread.
import { expose } from 'comlink'
import { runOperation } from '@oak/core/operations/registry'

expose({ run: runOperation })
