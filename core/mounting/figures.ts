// What can be measured for mounting, by name: the keys under which a job keeps its lengths.

export const MOUNT_FIGURES = [
  'oldBody',
  'newBody',
  'band',
  'oldHub',
  'shroud',
  'hubToEdge',
  'hubLength',
  'shaft',
  'flat',
  'screw',
  'roomBeyond',
  'oldHub2',
  'shaft2',
  'hubLength2',
  'flat2',
  'oldFace2',
  'newFace2',
  'wheelMotor',
  'wheelFar',
  'stud',
  'through',
  'nut',
  'capDepth',
] as const
/** A figure of the mount stage; those with a 2 are the far end's of a through shaft. */
export type MountFigure = (typeof MOUNT_FIGURES)[number]
