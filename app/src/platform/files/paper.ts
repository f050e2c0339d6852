// What goes on paper, by the Print button or by Ctrl+P: the picture of the screen alone, laid beside the app for as long as it prints.
// Inside the app it stands in a scroller, and a printer gets only the part of it that is in sight, or an empty frame.

/** The part of a screen that is worth a sheet. */
export const ON_PAPER = 'on-paper'

export function startPaper(): void {
  window.addEventListener('beforeprint', () => {
    lift()
    const source = document.getElementById(ON_PAPER)
    if (!source) return
    const paper = document.createElement('div')
    paper.id = 'paper'
    const copy = source.cloneNode(true) as HTMLElement
    copy.removeAttribute('id')
    paper.append(copy)
    document.body.append(paper)
  })
  window.addEventListener('afterprint', lift)
}

const lift = (): void => document.getElementById('paper')?.remove()
