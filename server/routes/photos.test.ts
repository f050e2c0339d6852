import fc from 'fast-check'
import request from 'supertest'
import { jpegProblem } from '../photos/jpeg'
import { openTestApp, refusal, type TestApp } from '../testing/test-app'

const ID = '00000000-0000-4000-8000-00000000000a'
const START = [0xff, 0xd8]
const SCAN = [0xff, 0xda]
const END = [0xff, 0xd9]
/** One segment of a JPEG: its marker, its length with the two bytes of the length itself (ITU T.81, B.1.1.4), its content. */
const segment = (marker: number, text: string) => [0xff, marker, 0, text.length + 2, ...Buffer.from(text)]
const picture = (...parts: readonly (readonly number[])[]) => Buffer.from(parts.flat())
/** A JPEG as far as its frame goes. */
const jpeg = (scan = 'pixels') =>
  Buffer.concat([picture(START, segment(0xe0, 'JFIF'), SCAN), Buffer.from(scan), Buffer.from(END)])

let one: TestApp
beforeEach(async () => void (one = await openTestApp()))
afterEach(() => one.db.destroy())
const put = (bytes: Buffer, id = ID, type = 'image/jpeg') =>
  request(one.app).put(`/api/photos/${id}`).set('Content-Type', type).send(bytes)
const get = (id = ID) => request(one.app).get(`/api/photos/${id}`)

describe('photos', () => {
  it('put twice are kept once, and come back as they were, to be kept for ever', async () => {
    const [first, second] = [await put(jpeg()), await put(jpeg())]
    expect([first.status, first.body, second.status, second.body]).toEqual([
      201,
      { kept: true },
      200,
      { kept: true },
    ])
    const got = await get()
    expect([got.status, got.headers['content-type'], got.headers['cache-control']]).toEqual([
      200,
      'image/jpeg',
      'private, max-age=31536000, immutable',
    ])
    expect((got.body as Buffer).equals(jpeg())).toBe(true)
  })
  it('of another picture under the same id are refused, and the first one stays', async () => {
    await put(jpeg())
    expect(refusal(await put(jpeg('others')))).toEqual({
      status: 409,
      code: 'id-clash',
      path: 'id',
      message: 'Another photo is kept under this id.',
    })
    expect(((await get()).body as Buffer).equals(jpeg())).toBe(true)
  })
  it('that never came are not here yet', async () =>
    expect(refusal(await get())).toEqual({
      status: 404,
      code: 'not-found',
      path: 'id',
      message: 'This photo is not here yet.',
    }))
  it('that are wrong are refused in words, and are not kept', async () => {
    expect(refusal(await put(jpeg().subarray(0, -3)))).toEqual({
      status: 400,
      code: 'bad-input',
      path: '',
      message: 'The photo is cut short.',
    })
    expect((await get()).status).toBe(404)
  })
  it('of 3 MB are kept, of more are refused by size', async () => {
    const limit = 3 * 1_048_576
    const scan = (bytes: number) => 'x'.repeat(bytes - jpeg('').length)
    expect((await put(jpeg(scan(limit)))).status).toBe(201)
    expect(refusal(await put(jpeg(scan(limit + 1))))).toEqual({
      status: 413,
      code: 'too-large',
      path: '',
      message: 'What was sent is larger than 3 MB.',
    })
  })
  it.each(['..%2F..%2Fetc%2Fpasswd', ID.toUpperCase(), `${ID}0`, `x${ID}`])(
    'under the id %s are refused',
    async (id) =>
      expect(refusal(await put(jpeg(), id))).toEqual({
        status: 400,
        code: 'bad-input',
        path: 'id',
        message: 'That is not a photo’s id.',
      }),
  )
  it('of another type are refused', async () =>
    expect(refusal(await put(jpeg(), ID, 'text/html'))).toEqual({
      status: 415,
      code: 'bad-input',
      path: '',
      message: 'A photo is sent as image/jpeg.',
    }))
})

describe('the frame of a JPEG', () => {
  const CUT = 'The photo is cut short.'
  const NOT = 'The photo is not a JPEG picture.'
  const DAMAGED = 'The photo is damaged.'
  const CAMERA =
    'The photo still carries its camera’s data, such as the place. It must be drawn anew on the device first.'
  it.each<[string, Buffer, string | null]>([
    ['a whole one', jpeg(), null],
    ['one with no header but its scan', picture(START, SCAN, END), null],
    ['one with several headers', picture(START, segment(0xe0, 'JFIF'), segment(0xdb, 'q'), SCAN, END), null],
    ['nothing at all', picture(), 'The photo is empty.'],
    ['text', Buffer.from('hello, I am a photo'), NOT],
    ['a PNG', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), NOT],
    ['one byte', picture([0xff]), NOT],
    ['a start and no more', picture(START), NOT],
    ['a start and an end', picture(START, END), CUT],
    ['a scan that does not end', picture(START, SCAN, [1, 2, 3]), CUT],
    ['a header that does not end', picture(START, [0xff, 0xe0, 0x7f, 0xff, 1, 2]), CUT],
    ['a header without a scan', picture(START, segment(0xe0, 'JFIF')), CUT],
    ['no marker after the header', picture(START, segment(0xe0, 'JFIF'), [1, 2, 3, 4]), DAMAGED],
    ['the camera’s data first', picture(START, segment(0xe1, 'Exif  GPS'), SCAN, END), CAMERA],
    [
      'the camera’s data second',
      picture(START, segment(0xe0, 'J'), segment(0xe1, 'Exif'), SCAN, END),
      CAMERA,
    ],
    [
      'a long header, its length in two bytes',
      picture(
        START,
        [0xff, 0xe0, 1, 2],
        Array.from({ length: 256 }, () => 0),
        SCAN,
        END,
      ),
      null,
    ],
  ])('%s', (_, bytes, says) => expect(jpegProblem(bytes)).toBe(says))
  it('whatever the bytes, the check answers', () =>
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 200 }),
        (bytes) => jpegProblem(Buffer.from([0xff, 0xd8, ...bytes])) !== undefined,
      ),
      { seed: 8 },
    ))
})
