// A tag that was read from a photo: its leads and turns, and its figures as of any motor's plate.
import type { PlateReading } from '@oak/core/label/photo/read-plate'
import type { TagReading } from '@oak/core/label/photo/read-tag'

export interface SeenTag extends TagReading {
  readonly proposals: PlateReading['proposals']
}
