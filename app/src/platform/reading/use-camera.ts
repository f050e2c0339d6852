// The camera of the device, looked through a few times a second until it is let go.
import { useEffect, useRef, useState, type RefObject } from 'react'

/** How often a frame is taken, ms, and its longer side at most, px. */
const EVERY_MS = 250
const LONGEST = 1280

export interface CameraView {
  readonly video: RefObject<HTMLVideoElement | null>
  /** In words; null: it runs, or is starting. */
  readonly wrong: string | null
}

/** `onFrame`: a frame's pixels; the next is taken when it is done. */
export function useCamera(onFrame: (frame: ImageData) => Promise<void>): CameraView {
  const video = useRef<HTMLVideoElement>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const see = useRef(onFrame)
  useEffect(() => {
    see.current = onFrame
  }, [onFrame])
  useEffect(() => {
    let isOver = false
    let stream: MediaStream | null = null
    const run = async () => {
      stream = await openCamera()
      const shown = video.current
      if (isOver || !shown) return stream.getTracks().forEach((track) => track.stop())
      shown.srcObject = stream
      await shown.play()
      while (!isOver) {
        const frame = frameOf(shown)
        if (frame) await see.current(frame)
        await new Promise((resolve) => setTimeout(resolve, EVERY_MS))
      }
    }
    run().catch((error: unknown) => {
      console.warn('The camera:', error)
      if (!isOver) setWrong(cameraWords(error))
    })
    return () => {
      isOver = true
      stream?.getTracks().forEach((track) => track.stop())
    }
  }, [])
  return { video, wrong }
}

class NoCamera extends Error {}

function openCamera(): Promise<MediaStream> {
  // Without a secure connection a browser has no such thing, whatever its types say.
  const devices = navigator.mediaDevices as MediaDevices | undefined
  if (!devices) return Promise.reject(new NoCamera())
  return devices.getUserMedia({ video: { facingMode: 'environment', width: { ideal: 1920 } }, audio: false })
}

function cameraWords(error: unknown): string {
  const name = error instanceof Error ? error.name : ''
  if (name === 'NotAllowedError')
    return 'The camera is not allowed for this app: allow it in the browser’s settings, or choose a photo.'
  if (name === 'NotFoundError') return 'This device has no camera: choose a photo.'
  return 'The camera cannot be had here: choose a photo. It needs a secure connection.'
}

let canvas: OffscreenCanvas | null = null

function frameOf(video: HTMLVideoElement): ImageData | null {
  const { videoWidth, videoHeight } = video
  if (videoWidth === 0) return null
  const scale = Math.min(1, LONGEST / Math.max(videoWidth, videoHeight))
  const [width, height] = [Math.round(videoWidth * scale), Math.round(videoHeight * scale)]
  canvas ??= new OffscreenCanvas(width, height)
  if (canvas.width !== width || canvas.height !== height) Object.assign(canvas, { width, height })
  const pen = canvas.getContext('2d', { willReadFrequently: true })
  pen?.drawImage(video, 0, 0, width, height)
  return pen?.getImageData(0, 0, width, height) ?? null
}
