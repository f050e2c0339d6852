import { isSaid } from './said'

it('knows whether words stand on the page already, however they are broken', () => {
  document.body.innerHTML =
    '<main><p>Jobs</p><p role="alert">The compressor’s µF must be <b>above 0</b>\n µF.</p></main>'
  expect(isSaid('The compressor’s µF must be above 0 µF.', document.body)).toBe(true)
  expect(isSaid('The title is too long.', document.body)).toBe(false)
  expect(isSaid('x', { textContent: null })).toBe(false)
})
