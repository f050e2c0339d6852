// What a load is given of the can, as its picture shows it. No rendering here.
import type { SectionId } from '@oak/core/capacitor/can'
import { figure } from '@oak/core/quantity/display'
import { type SectionSpot } from '@oak/core/capacitor/top/can-layout'

export interface CanGroup {
  readonly load: string
  readonly sections: readonly SectionId[]
  readonly lead: SectionId
}

export const valueText = ({ marked, microfarads }: SectionSpot['section']): string =>
  figure(marked ?? microfarads)
