// The picture of a photo as an address that an image can show; null while it is fetched, "missing" when it is nowhere to be had.
import { useEffect, useState } from 'react'
import { photoOf } from '../../platform/state/app'

/** An address; `missing`: nowhere to be had; null: it is being fetched. */
export type PhotoAddress = (string & {}) | 'missing' | null

export function usePhoto(id: string): PhotoAddress {
  const [url, setUrl] = useState<PhotoAddress>(null)
  useEffect(() => {
    let made: string | null = null
    let stale = false
    photoOf(id)
      .then((picture) => {
        if (stale) return
        made = picture && URL.createObjectURL(picture)
        setUrl(made ?? 'missing')
      })
      .catch(() => {
        if (!stale) setUrl('missing')
      })
    return () => {
      stale = true
      if (made) URL.revokeObjectURL(made)
    }
  }, [id])
  return url
}
