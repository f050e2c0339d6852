// The running app: device store, jobs, sync, other tabs. Built once, when the first screen asks.
import { useEffect, useState } from 'react'
import { useStore } from 'zustand'
import { createStore } from 'zustand/vanilla'
import { v4 as uuid } from 'uuid'
import type { Change } from '@oak/core/job/change'
import type { JobDocument } from '@oak/core/job/document'
import { VAN_ID } from '@oak/core/job/van'
import { writingRefused } from '@oak/core/crew/roles'
import { codeInAddress } from '../crew/code-in-address'
import { openCrew, type Crew, type CrewState } from '../crew/crew'
import { signWith } from '../sync/ask'
import { openDeviceStore, type DeviceStore } from '../sync/device-store'
import { openPhotoShelf, type PhotoShelf } from '../sync/photo-shelf'
import { shopNow } from '../sync/clock'
import { httpPhotos } from '../sync/photo-http'
import { fetchPhoto } from '../sync/photo-sync'
import { createDelivery, keepSeen, recallClock, recallSeen, type Deliverer } from './delivery'
import { doAgain, inverseOf, NO_STEPS, record, takeBack, type Step, type UndoState } from './undo'
import {
  changesOf,
  createJobs,
  documentOf,
  withConsequences,
  type Edit,
  type Forbids,
  type Jobs,
} from './jobs'
import type { JobEntry, JobList, JobsState, VanState } from './jobs-state'
import { keepSettings } from './keep-settings'
import { openJob as openWhole, readJobs as readWhole, type JobHere, type OpenPorts } from './open-jobs'
import { createPractice, practiceEdits, type Practice, type PracticeState } from './practice'
import { standingFor } from './standing'

let jobs: Jobs | null = null
let practice: Practice | null = null
let crew: Crew | null = null
let shelf: {
  readonly photos: PhotoShelf
  readonly device: DeviceStore
  readonly deviceId: string
  readonly delivery: Deliverer
} | null = null

/** The jobs of this app; `startApp` must have finished. */
export function theJobs(): Jobs {
  if (!jobs) throw new Error('the app has not started')
  return jobs
}

/** Practice on this device; its rounds are read when somebody asks for them. */
export function thePractice(): Practice {
  if (!practice) throw new Error('the app has not started')
  return practice
}
export const usePractice = <T>(select: (state: PracticeState) => T): T =>
  useStore(thePractice().store, select)
const isPracticeIn = ({ rounds }: PracticeState, id: string): boolean =>
  rounds?.some((round) => round.id === id) ?? false
/** Is this the job of a practice round? */
export const useIsPractice = (id: string): boolean => usePractice((state) => isPracticeIn(state, id))
export const isPractice = (id: string): boolean => isPracticeIn(thePractice().store.getState(), id)

export async function startApp(): Promise<void> {
  if (jobs) return
  const code = codeInAddress()
  // What can be asked for at once is: each answer takes its turn on a busy page.
  const [device, photos] = await Promise.all([openDeviceStore(), openPhotoShelf()])
  const [deviceId, joined] = await Promise.all([
    deviceIdOf(device),
    openCrew({ device, photos, now: shopNow, code }),
    keepSettings(device),
    recallClock(device),
  ])
  signWith(joined.signer)
  const made = createJobs({
    device,
    deviceId,
    now: shopNow,
    forbids: forbiddenTo(joined),
    onKept: (changes, summaries) => shelf?.delivery.edited(changes, summaries),
  })
  const delivery = createDelivery({ jobs: made, device, photos, deviceId })
  shelf = { photos, device, deviceId, delivery }
  await made.load()
  made.store.setState({ clockSeen: await recallSeen(device) })
  practice = createPractice({ jobs: made, fact: device.fact, setFact: device.setFact, now: shopNow })
  jobs = made
  crew = joined
  if (joined.store.getState().door.kind === 'locked') return
  delivery.start()
  const renew = () => void joined.renew()
  renew()
  setInterval(renew, RENEW_LOOK_MS)
}

/** How often it is looked whether the key is old, ms. */
const RENEW_LOOK_MS = 3_600_000

const forbiddenTo =
  ({ store }: Crew): Forbids =>
  (job, path, held) => {
    const { pairing } = store.getState()
    if (!pairing) return null
    const { role, person } = pairing
    const isOwn = held.length === 0 || held[0]?.technician === person
    return writingRefused(role, { isVan: job === VAN_ID, isOwn, path })
  }

/** The shop that this device is one of. */
export function theCrew(): Crew {
  if (!crew) throw new Error('the app has not started')
  return crew
}
export const useCrew = <T>(select: (state: CrewState) => T): T => useStore(theCrew().store, select)
/** What nobody else has, for a file: of a device that was taken off the shop's list. */
export async function undeliveredWork(): Promise<{
  readonly changes: readonly Change[]
  readonly photos: ReadonlyMap<string, Blob>
}> {
  const { device, photos } = theShelf()
  const pictures = new Map<string, Blob>()
  for (const id of await photos.undelivered()) {
    const picture = await photos.get(id)
    if (picture) pictures.set(id, picture)
  }
  return { changes: await device.undelivered(), photos: pictures }
}

/** The name of the server's database, once it was reached. */
async function storeName(device: DeviceStore): Promise<string | null> {
  const store = await device.fact('store')
  return typeof store === 'string' ? store : null
}

function theShelf() {
  if (!shelf) throw new Error('the app has not started')
  return shelf
}

/** Keeps a picture on this device; it is delivered when the server is there. */
export async function keepPhoto(id: string, picture: Blob): Promise<void> {
  const { photos, delivery } = theShelf()
  await photos.keep(id, picture)
  const made = theJobs()
  made.setPhotosWaiting(made.store.getState().photosWaiting + 1)
  delivery.pictures()
}

/** A photo's picture, from this device or the server; null when neither has it now. */
export async function photoOf(id: string): Promise<Blob | null> {
  const { photos, device, deviceId } = theShelf()
  return fetchPhoto(photos, httpPhotos(deviceId), await storeName(device), id)
}

/** Somebody has looked at a clock that is so far off. */
export function seeClock(offset: number): void {
  const { store } = theJobs()
  store.setState({ clockSeen: offset })
  keepSeen(theShelf().device, offset).catch((error: unknown) => store.setState({ trouble: String(error) }))
}

/** Gives up changes that the server refused. */
export const letGoRefused = (ids: readonly string[]): Promise<void> => theShelf().delivery.letGo(ids)

/** Small things that this device keeps for itself, such as a tag half read; they are no one else's business. */
export const deviceFact = {
  get: (name: string): Promise<string | number | undefined> => theShelf().device.fact(name),
  set: (name: string, value: string): Promise<void> => theShelf().device.setFact(name, value),
}

async function deviceIdOf(device: DeviceStore): Promise<string> {
  const known = await device.fact('device')
  if (typeof known === 'string') return known
  const fresh = uuid()
  await device.setFact('device', fresh)
  return fresh
}

export const useJobs = <T>(select: (state: JobsState) => T): T => useStore(theJobs().store, select)
/** Begun on this page, and not on the record until something is entered. */
const begun = new Set<string>()
/** Asks the browser not to clear what is kept here when room gets short: from the first job on there is something to lose. */
function keepStored(): void {
  if (!('storage' in navigator)) return
  void navigator.storage.persist().catch((error: unknown) => console.warn('Room may be cleared:', error))
}
/** The address of a new job. */
export function beginJob(): string {
  const id = theJobs().create()
  begun.add(id)
  keepStored()
  return id
}
const openPorts = (): OpenPorts => {
  const { device, delivery } = theShelf()
  return { jobs: theJobs(), device, fetch: delivery.fetch, look: delivery.look, now: shopNow }
}
/** Opens a job, wherever it is; what it is edited with counts only once it is here. */
export async function openJob(id: string): Promise<JobHere> {
  if (begun.has(id) || (await thePractice().reopen(id))) return 'here'
  return openWhole(openPorts(), id)
}
/** Jobs to look at and not to edit; those that cannot be had now are left out. */
export const readJobs = (ids: readonly string[]): Promise<JobEntry[]> => readWhole(openPorts(), ids)
/** It stays on this device, or goes when it is old. */
export const keepHere = (id: string, stays: boolean): Promise<void> => theShelf().device.keepHere(id, stays)
export const isKeptHere = async (id: string): Promise<boolean> =>
  (await theShelf().device.row(id))?.kept === 1

/** Opens the job, and asks again when the server may have come back. */
export function useJobHere(id: string): JobHere | 'reading' {
  const isOpen =
    useJobs((state) => Object.hasOwn(state.jobs, id) || Object.hasOwn(state.examples, id)) || begun.has(id)
  const [found, setFound] = useState<{ readonly id: string; readonly here: JobHere } | null>(null)
  const [again, setAgain] = useState(0)
  useEffect(() => {
    if (isOpen) return
    let stale = false
    let timer: ReturnType<typeof setTimeout> | undefined
    openJob(id)
      .catch((): JobHere => 'elsewhere')
      .then((here) => {
        if (stale) return
        setFound({ id, here })
        // It may come, by this device's list or by the server.
        if (here !== 'here') timer = setTimeout(() => setAgain((n) => n + 1), ASK_AGAIN_MS)
      })
      .catch(() => undefined)
    return () => {
      stale = true
      clearTimeout(timer)
    }
  }, [id, isOpen, again])
  if (isOpen) return 'here'
  return found?.id === id ? found.here : 'reading'
}
const ASK_AGAIN_MS = 5000

/** What is known of every job. */
export const useList = (): JobList => useJobs((state) => state.list)
/** Works out how a job stands where nobody has since it was edited, and keeps that. */
export const workOutStanding = (id: string): Promise<void> => standingFor(theJobs(), theShelf().device, id)
/** Shown, and not kept. */
export const isExample = (id: string): boolean => Object.hasOwn(theJobs().store.getState().examples, id)
export const useJob = (id: string): JobDocument => useJobs((state) => documentOf(state, id))
export const useChanges = (id: string): readonly Change[] => useJobs((state) => changesOf(state, id))
export const useVan = (): VanState => useJobs((state) => state.van)
/** Applies edits to the van; returns what is wrong with the first that is not acceptable, or null. Then none is applied. */
export const editVan = (edits: readonly Edit[]): string | null => theJobs().edit(VAN_ID, edits)
const steps = createStore<Readonly<Record<string, UndoState>>>(() => ({}))
const stepsOf = (id: string): UndoState => steps.getState()[id] ?? NO_STEPS

const editsFor = (id: string, asked: readonly Edit[]): readonly Edit[] =>
  isPractice(id) ? practiceEdits(asked) : asked
/** What a job would be with these edits; null: they would not be taken. */
export const jobIfEdited = (id: string, asked: readonly Edit[]): JobDocument | null =>
  theJobs().ifEdited(id, editsFor(id, asked))

/** Applies edits to a job; returns what is wrong with them, or null. They can be undone while the page is open. */
export function editJob(id: string, asked: readonly Edit[]): string | null {
  const edits = editsFor(id, asked)
  const job = documentOf(theJobs().store.getState(), id)
  const whole = withConsequences(job, edits)
  const wrong = theJobs().edit(id, edits)
  if (wrong === null) steps.setState({ [id]: record(stepsOf(id), { edits, before: inverseOf(job, whole) }) })
  return wrong
}

function applyStep(id: string, step: ReturnType<typeof takeBack>): void {
  if (step && theJobs().edit(id, step.edits) === null) steps.setState({ [id]: step.state })
}
/** Takes back the last edits of a job, or makes them again. Undoing is an edit like any other: the job's history shows both. */
export const undoJob = (id: string): void => applyStep(id, takeBack(stepsOf(id)))
export const redoJob = (id: string): void => applyStep(id, doAgain(stepsOf(id)))
/** What undo and redo would change now; null: nothing. */
export function useSteps(id: string): { readonly undo: Step | null; readonly redo: Step | null } {
  const { done, undone } = useStore(steps, (all) => all[id] ?? NO_STEPS)
  return { undo: done.at(-1) ?? null, redo: undone.at(-1) ?? null }
}
