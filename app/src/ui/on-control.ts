// Enter and the space bar on something that can be pressed press it; a pad that listens to the keyboard leaves them to it.

export const isOnControl = ({ target }: KeyboardEvent): boolean =>
  target instanceof Element &&
  target.closest('button, a, [role=button], [role=radio], [role=checkbox], [role=tab]') !== null
