// The stages of a job, in the order of the work.
export const STAGES = [
  { id: 'safe', name: 'Safe' },
  { id: 'fault', name: 'Fault' },
  { id: 'plates', name: 'Plates' },
  { id: 'wires', name: 'Wires' },
  { id: 'motor', name: 'Motor' },
  { id: 'capacitor', name: 'Can' },
  { id: 'board', name: 'Board' },
  { id: 'mount', name: 'Mount' },
  { id: 'startup', name: 'Start' },
  { id: 'card', name: 'Card' },
] as const
/** A stage of a job. */
export type StageId = (typeof STAGES)[number]['id']
