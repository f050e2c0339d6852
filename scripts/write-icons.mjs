// Picks the few icons the app draws out of @mdi/js, so that neither its 7,000 paths nor an icon font is shipped.
import { writeFileSync } from 'node:fs'
import * as mdi from '@mdi/js'

const NAMES = {
  back: 'mdiArrowLeft',
  close: 'mdiClose',
  plus: 'mdiPlus',
  check: 'mdiCheck',
  more: 'mdiChevronRight',
  down: 'mdiChevronDown',
  up: 'mdiChevronUp',
  backspace: 'mdiBackspaceOutline',
  file: 'mdiFileImportOutline',
  save: 'mdiFileExportOutline',
  print: 'mdiPrinterOutline',
  cut: 'mdiContentCut',
  plug: 'mdiPowerPlugOutline',
  undo: 'mdiUndo',
  trash: 'mdiTrashCanOutline',
  cloud: 'mdiCloudCheckOutline',
  offline: 'mdiCloudOffOutline',
  person: 'mdiAccountOutline',
  flash: 'mdiFlashAlert',
  camera: 'mdiCameraOutline',
  van: 'mdiVanUtility',
  store: 'mdiStoreOutline',
  tag: 'mdiTagOutline',
  list: 'mdiClipboardListOutline',
  minus: 'mdiMinus',
  pencil: 'mdiPencilOutline',
  redo: 'mdiRedo',
  curve: 'mdiChartBellCurveCumulative',
  ohm: 'mdiOmega',
  wait: 'mdiTimerSand',
  calendar: 'mdiCalendarClock',
  offer: 'mdiFileDocumentOutline',
}

const paths = Object.fromEntries(
  Object.entries(NAMES).map(([name, key]) => {
    const path = mdi[key]
    if (!path) throw new Error(`@mdi/js has no ${key}`)
    return [name, path]
  }),
)
writeFileSync(
  new URL('../app/src/ui/icon-paths.json', import.meta.url),
  `${JSON.stringify(paths, null, 1)}\n`,
)
