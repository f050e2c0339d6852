// What everybody of the shop showed, on a paired phone; its own rounds are brought there first.
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
  const isPaired = useCrew((s) => s.pairing !== null)
  const [shop, setShop] = useState<readonly ShopRound[] | null>(null)
  useEffect(() => {
    if (!isPaired || !own) return
    let stale = false
    void bringShown(own.flatMap(shownOf))
      .then(askShown)
      .then((rounds) => (stale || !rounds ? undefined : setShop(rounds)))
    return () => void (stale = true)
  }, [isPaired, own])
  return shop ? { rounds: withShop(own ?? [], shop), of: 'shop' } : { rounds: own ?? [], of: 'device' }
}
