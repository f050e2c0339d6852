// Reads letters on a picture, on the device: one worker, fetched when first wanted, with the English data that ships with the app.
import { createWorker, OEM, PSM, type Worker as Reader } from 'tesseract.js'
import type { SeenLines } from '@oak/core/label/photo/words'
import type { Look, Layout } from './looks'

/** Where its parts lie beside the app. */
const FOLDER = '/readers'
const SIGNS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789 /.,-+±%µ:()#&'

export type Letters = Pick<Reader, 'recognize' | 'terminate' | 'setParameters'>

/** Rejects where its parts cannot be fetched. */
export async function startLetters(origin: string): Promise<Letters> {
  const folder = `${origin}${FOLDER}`
  const letters = await createWorker('eng', OEM.LSTM_ONLY, {
    workerPath: `${folder}/worker.min.js`,
    corePath: folder,
    langPath: folder,
    workerBlobURL: false,
    gzip: true,
    // The service worker keeps its parts.
    cacheMethod: 'none',
  })
  await letters.setParameters({ tessedit_char_whitelist: SIGNS, user_defined_dpi: '300' })
  return letters
}

const MODES: Readonly<Record<Layout, PSM>> = { block: PSM.SINGLE_BLOCK, sparse: PSM.SPARSE_TEXT }
/** The unit of places: thousandths of the picture's longer side. */
const UNIT = 1000

/** The words of a look, line by line. */
export async function readLetters(letters: Letters, { png, layout, side, uneven }: Look): Promise<SeenLines> {
  // Sauvola’s thresholds, or one of Otsu’s for all.
  const thresholds = { thresholding_method: uneven ? '2' : '0' }
  await letters.setParameters({ tessedit_pageseg_mode: MODES[layout], ...thresholds })
  const { data } = await letters.recognize(new Blob([png as BlobPart]), {}, { blocks: true, text: false })
  const lines = (data.blocks ?? []).flatMap((block) => block.paragraphs.flatMap((p) => p.lines))
  const at = (px: number) => (UNIT * px) / side
  return lines.map((line) =>
    line.words.map(({ text, confidence, bbox }) => ({
      text,
      confidence,
      box: { x0: at(bbox.x0), y0: at(bbox.y0), x1: at(bbox.x1), y1: at(bbox.y1) },
    })),
  )
}
