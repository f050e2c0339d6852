// The heading of a screen: in sight, or for the ear only where the picture says it to the eye.
import type { ReactNode } from 'react'
import { UNSEEN } from '../../ui/unseen'
import { Words, type WordsProps } from '../../ui/Words'
import { usePage } from './page'

interface PageHeadingProps extends Pick<WordsProps, 'size' | 'style'> {
  /** The name of the page, in the tab too. */
  readonly title: string
  /** The job it is of, in the tab. */
  readonly of?: string
  readonly level?: 1 | 2
  readonly children?: ReactNode
}

/** Without a size it is for the ear only. */
export function PageHeading({ title, of, level = 1, size, style, children }: PageHeadingProps) {
  const heading = usePage(title, of)
  return (
    <Words size={size} heading={level} focusRef={heading} style={size ? style : UNSEEN}>
      {children ?? title}
    </Words>
  )
}
