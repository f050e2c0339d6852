// What a load is given of the can, as its picture shows it. No rendering here.
import { figure } from '@oak/core/quantity/display'
import { type SectionSpot } from './can-layout'

export interface CanGroup {
  readonly load: string
  readonly sections: readonly string[]
  readonly lead: string
  readonly jumpers: readonly { readonly from: string; readonly to: string }[]
}

export const valueText = ({ marked, microfarads }: SectionSpot['section']): string =>
  figure(marked ?? microfarads)
