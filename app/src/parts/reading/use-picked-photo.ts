// A photo that was taken or chosen, as an address that an image can show, let go when another comes.
import { useEffect, useState } from 'react'
import { pickFile } from '../../platform/files/pick-file'
import { noPicture } from '../photos/draw-anew'
import { photoProblem } from '../photos/photo-problem'

export interface PickedPhoto {
  readonly file: File
  readonly url: string
  readonly width: number
  readonly height: number
}

/** A file that may be a photo to read; null: none was chosen, or it is none, and `wrong` says why. */
export function usePickedFile() {
  const [wrong, setWrong] = useState<string | null>(null)
  const pick = async (): Promise<File | null> => {
    const file = await pickFile('image/*')
    if (!file) return null
    const problem = await photoProblem(file)
    setWrong(problem)
    return problem ? null : file
  }
  return { wrong, setWrong, pick }
}

export function usePickedPhoto() {
  const [photo, setPhoto] = useState<PickedPhoto | null>(null)
  const { wrong, setWrong, pick: pickOne } = usePickedFile()
  useEffect(() => () => (photo ? URL.revokeObjectURL(photo.url) : undefined), [photo])
  /** Whether there is another photo now. */
  const pick = async (): Promise<boolean> => {
    const file = await pickOne()
    if (!file) return false
    const url = URL.createObjectURL(file)
    try {
      const image = new window.Image()
      image.src = url
      await image.decode()
      setPhoto({ file, url, width: image.naturalWidth, height: image.naturalHeight })
      return true
    } catch {
      URL.revokeObjectURL(url)
      setWrong(noPicture(file))
      return false
    }
  }
  return { photo, wrong, pick }
}
