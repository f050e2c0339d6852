// The picture of a photo as an address that an image can show; null while it is fetched, "missing" when it is nowhere to be had.
import { useEffect, useState } from 'react'
import { photoOf } from '../../platform/state/app'

export function usePhoto(id: string): string | null | 'missing' {
  const [url, setUrl] = useState<string | null | 'missing'>(null)
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
