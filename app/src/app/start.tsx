// Where the installed app's shortcut leads: a new job, at its first stage.
import { useRouter } from 'expo-router'
import { useEffect, useRef } from 'react'
import { beginJob } from '../platform/state/app'

export default function Start() {
  const router = useRouter()
  const begun = useRef(false)
  useEffect(() => {
    if (begun.current) return
    begun.current = true
    // In place of this page: Back must not begin another.
    router.replace(`/job/${beginJob()}/wires`)
  }, [router])
  return null
}
