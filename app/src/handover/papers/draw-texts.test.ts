import { picturesOf, smallPhoto } from './draw-texts'

/** A canvas that notes what is drawn: ten pixels a letter. */
function canvas() {
  const drawn: { text: string; x: number; y: number; direction: string; align: string }[] = []
  const pen = {
    font: '',
    fillStyle: '',
    direction: 'ltr',
    textAlign: 'left',
    measureText: (text: string) => ({ width: 10 * [...text].length }),
    fillText(text: string, x: number, y: number) {
      drawn.push({ text, x, y, direction: this.direction, align: this.textAlign })
    },
    drawImage: jest.fn(),
  }
  jest.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue(pen as never)
  jest.spyOn(HTMLCanvasElement.prototype, 'toDataURL').mockReturnValue('data:image/png;base64,')
  return { drawn, pen }
}
afterEach(() => jest.restoreAllMocks())

it('only what the typeface cannot write is drawn, each text once', () => {
  canvas()
  expect([...picturesOf(['Roof 3', '', '屋根', '屋根']).keys()]).toEqual(['屋根'])
})
it('is as wide as it was measured, in points, three pixels each', () => {
  const { drawn } = canvas()
  expect(picturesOf(['屋根']).get('屋根')?.width).toBeCloseTo(20 / 3, 9)
  expect(drawn).toEqual([{ text: '屋根', x: 0, y: 33, direction: 'ltr', align: 'left' }])
})
it('runs in its script’s own direction, from the right edge', () => {
  const { drawn } = canvas()
  picturesOf(['سطح'])
  expect(drawn).toEqual([{ text: 'سطح', x: 30, y: 33, direction: 'rtl', align: 'right' }])
})
it('without a canvas there is no picture', () => {
  jest.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue(null)
  expect(picturesOf(['屋根']).size).toBe(0)
})
it('a photo is drawn no larger than 900 pixels, a small one as it is', async () => {
  const { pen } = canvas()
  const sized = async (width: number, height: number) => {
    Object.assign(globalThis, { createImageBitmap: async () => ({ width, height, close: () => undefined }) })
    pen.drawImage.mockClear()
    await smallPhoto(new Blob())
    const [call = []] = pen.drawImage.mock.calls as unknown[][]
    return call.slice(3)
  }
  expect(await sized(1600, 800)).toEqual([900, 450])
  expect(await sized(800, 1600)).toEqual([450, 900])
  expect(await sized(300, 200)).toEqual([300, 200])
})
