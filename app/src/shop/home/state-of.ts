// How a job stands: by all that knows of circuits, so it is fetched where it is asked for.
export { visitState as stateOf } from '@oak/core/job/visit/visit-state'
