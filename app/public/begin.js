// Home's start is in the page's HTML: it is there, and takes a tap, before the app's own scripts have come and run. The app takes it away and
// does what was tapped (app/src/platform/begun.ts).
{
  const page = document.documentElement
  const { pathname, search, hash } = location
  // A job's address opens that job, and a code's address asks for a name.
  if (pathname === '/' && search === '' && hash === '') page.dataset.begin = ''
  page.dataset.look = chosenLook() ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'day')

  /** What was chosen in the app overrules the device. */
  function chosenLook() {
    try {
      const look = localStorage.getItem('look')
      return look === 'day' || look === 'night' ? look : null
    } catch {
      // A browser that keeps nothing.
      return null
    }
  }

  document.addEventListener('click', (event) => {
    const start = event.target instanceof Element && event.target.closest('#begin a')
    if (!start || event.ctrlKey || event.metaKey || event.shiftKey) return
    event.preventDefault()
    // A second tap is a bounce, or impatience.
    start.dataset.tappedAt ??= String(event.timeStamp)
    start.querySelector('[data-words]').textContent = 'Starting…'
  })

  /** A script of the page that did not come: without it nothing ever happens here. */
  addEventListener(
    'error',
    ({ target }) => {
      if (!(target instanceof HTMLScriptElement)) return
      for (const words of document.querySelectorAll('[data-starting]'))
        words.textContent =
          'A part of the app could not be fetched. Open the page again where there is a signal.'
    },
    true,
  )
}
