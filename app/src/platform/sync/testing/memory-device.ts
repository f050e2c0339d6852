// A device whose database is in memory: the real store over the stand-in for IndexedDB.
import 'fake-indexeddb/auto'
import { openDeviceStore, type DeviceStore } from '../device-store'

// The stand-in copies values as a browser does; jsdom has no such copying of its own.
globalThis.structuredClone ??= <T>(value: T): T => value

let n = 0
export const memoryDevice = (): Promise<DeviceStore> => openDeviceStore(`device-${++n}`)
