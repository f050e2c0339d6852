// What is said of a phone on the owner's list. No rendering here.
import { ROLE_WORDS, type Role } from '@oak/core/crew/roles'
import type { Phone } from '../../platform/crew/owner-http'
import { momentText } from '../../ui/dates'

/** “Ines, technician.” The first owner is called so until a code says a name. */
export function whoWords(person: string, role: Role): string {
  const { name } = ROLE_WORDS[role]
  return person.toLowerCase() === name ? `${person}.` : `${person}, ${name}.`
}

/** “Ines, technician. Last heard of …” */
export function phoneWords({ person, role, seen, revoked, why, wiped }: Phone): string {
  const who = whoWords(person, role)
  if (revoked === null) return `${who} Last heard of ${momentText(seen)}.`
  const cause = why === 'copied' ? 'Locked out, its key was used from elsewhere too' : 'Taken off the list'
  const rest =
    wiped === null
      ? 'The shop’s data is still on it: it goes when the phone is next in touch.'
      : `Nothing of the shop is on it since ${momentText(wiped)}.`
  return `${who} ${cause}, ${momentText(revoked)}. ${rest}`
}

/** “9 minutes”, rounded up; null: it has run out. */
export function leftWords(ends: number, now: number): string | null {
  const minutes = Math.ceil((ends - now) / 60_000)
  if (minutes <= 0) return null
  return `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`
}
