// What everybody of the shop showed, on a paired phone; what its own person showed is brought there.
import { useEffect, useState } from 'react'
import type { ShownRound } from '@oak/core/practice/course/shown'
import { askShown, bringShown, type ShopRound } from '../../platform/crew/practice-http'
import { useCrew } from '../../platform/state/app'
import type { PracticeRound } from '../../platform/state/practice'
import type { Practised } from './practice-model'

export interface ShopRounds {
  readonly rounds: readonly Practised[]
  /** `shop`: of everybody; `device`: of this one alone, for want of a shop or of a way to it. */
  readonly of: 'shop' | 'device'
}

const shownOf = ({ id, result }: PracticeRound): ShownRound[] =>
  result
    ? [{ id, at: result.at, state: result.state, total: result.total, skills: asShown(result.skills) }]
    : []
const asShown = (skills: readonly { readonly skill: string; readonly points: number }[]) =>
  skills.map((one) => ({ ...one })) as ShownRound['skills']

/** Finished rounds that the shop lacks; those that others played on this device stay on it: they would come under another name. */
export const missingThere = (
  own: readonly PracticeRound[],
  shop: readonly ShopRound[],
  person: string,
): ShownRound[] =>
  own
    .filter(({ id, technician }) => technician === person && !shop.some((round) => round.id === id))
    .flatMap(shownOf)

/** Those of the shop, and of this device what is not among them yet. */
export function withShop(own: readonly PracticeRound[], shop: readonly ShopRound[]): Practised[] {
  const there = new Set(shop.map(({ id }) => id))
  return [
    ...shop.map(({ person, state, total, skills, at }) => ({
      technician: person,
      result: { state, total, skills, at },
    })),
    ...own.filter(({ id }) => !there.has(id)),
  ]
}

export function useShopRounds(own: readonly PracticeRound[] | null): ShopRounds {
  const person = useCrew((s) => s.pairing?.person ?? null)
  const [shop, setShop] = useState<readonly ShopRound[] | null>(null)
  useEffect(() => {
    if (person === null || !own) return
    let stale = false
    void askShown().then((rounds) => {
      if (stale || !rounds) return
      setShop(rounds)
      void bringShown(missingThere(own, rounds, person))
    })
    return () => void (stale = true)
  }, [person, own])
  return shop ? { rounds: withShop(own ?? [], shop), of: 'shop' } : { rounds: own ?? [], of: 'device' }
}
