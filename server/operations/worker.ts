// What a worker thread does: the registry, by name.
import workerpool from 'workerpool'
import { runOperation } from '@oak/core/operations/registry'

workerpool.worker({ run: runOperation })
