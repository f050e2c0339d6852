// What a piece of a plate means, in words: as the reader of typed lines says it, who reads it again when it is taken.
import { readLabel } from '../read-label'
import type { PhotographedPlate } from './proposal'

/** `text`: as the plate prints it, such as "FAN FLA 1.0"; itself where nothing of it is understood. */
export const meansOf = (text: string, plate: PhotographedPlate): string =>
  readLabel(text, {}, plate).pieces[0]?.means ?? text
