// What a worker thread does: the registry, by name.
import workerpool from 'workerpool'
import { runHere } from './run-here'

workerpool.worker({ run: runHere })
