// The card as a file that stands by itself, its code drawn.
import type { CardPaper } from '@oak/core/job/card/paper'
import { cardSvg } from '@oak/core/job/card/card-svg'
import type { HookupCardOutput } from '@oak/core/operations/hookup-card'
import { codeSquares } from '../../ui/code-squares'

export const cardFile = (
  { shapes, card }: Pick<HookupCardOutput, 'shapes' | 'card'>,
  paper: CardPaper,
): string => cardSvg({ shapes, title: card?.title ?? '', paper }, codeSquares)
