// The board as it stands, for each part of it. What a move changes is drawn by the parts that show it, and the frame around them is not.
import { createContext, use, useDeferredValue } from 'react'
import type { Answered } from './use-answered'
import type { BoardState } from './use-board'

export interface BoardNow extends BoardState, Answered {}

export const BoardHere = createContext<BoardNow | null>(null)

export function useBoardHere(): BoardNow {
  const board = use(BoardHere)
  if (!board) throw new Error('there is no board here')
  return board
}

/** As it stood a moment ago, for what takes long to draw: verdict, wires and leads come first. Nothing is done by it. */
export const useBoardLately = (): BoardNow => useDeferredValue(useBoardHere())
