import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import request from 'supertest'
import { jpegProblem } from '@oak/core/job/jpeg'
import { START, END, segment, picture, JFIF, TABLES, frame, SCAN, jpeg } from '../testing/jpeg'
import { openTestApp, refusal, type TestApp } from '../testing/test-app'

const ID = '00000000-0000-4000-8000-00000000000a'
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
      { kept: true, id: ID },
      200,
      { kept: true, id: ID },
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
  const SIZE = 'The photo is larger than 1600 px, or has no size. It must be drawn anew on the device first.'
  const DATA = [1, 2, 3]
  const head = [...START, ...TABLES, ...frame()]
  it.each<[string, Buffer, string | null]>([
    ['a whole one', jpeg(), null],
    ['one without JFIF', picture(head, SCAN, DATA, END), null],
    [
      'one in colours of a profile',
      picture(START, JFIF, segment(0xe2, 'ICC_PROFILE\0x'), TABLES, frame(), SCAN, DATA, END),
      null,
    ],
    [
      'one with stuffed bytes and restarts in its data',
      picture(head, segment(0xdd, [0, 1]), SCAN, [1, 0xff, 0, 2, 0xff, 0xd0, 3], END),
      null,
    ],
    [
      'a progressive one, in two scans',
      picture(START, TABLES, frame(16, 8, 0xc2), SCAN, DATA, segment(0xc4, 'h'), SCAN, DATA, END),
      null,
    ],
    [
      '1600 px',
      picture(
        START,
        TABLES,
        frame(1600, 1600),
        SCAN,
        Array.from({ length: 10_000 }, () => 7),
        END,
      ),
      null,
    ],
    ['nothing at all', picture(), 'The photo is empty.'],
    ['text', Buffer.from('hello, I am a photo'), NOT],
    ['a PNG', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), NOT],
    ['one byte', picture([0xff]), NOT],
    ['a start and no more', picture(START), NOT],
    ['a start and an end', picture(START, END), CUT],
    ['a frame without a scan', picture(head, END), CUT],
    ['a scan that does not end', picture(head, SCAN, DATA), CUT],
    ['a scan of nothing', picture(head, SCAN, END), CUT],
    // 1600 px square are 40,000 blocks of two bits at the least: 10,000 bytes.
    [
      'a scan too short for its size',
      picture(
        START,
        TABLES,
        frame(1600, 1600),
        SCAN,
        Array.from({ length: 9999 }, () => 7),
        END,
      ),
      CUT,
    ],
    ['a header that does not end', picture(START, [0xff, 0xe0, 0x7f, 0xff, 1, 2]), CUT],
    ['a header without a scan', picture(START, JFIF), CUT],
    ['no marker after the header', picture(START, JFIF, [1, 2, 3, 4]), DAMAGED],
    [
      'a header of less than its own length',
      picture(START, [0xff, 0xdb, 0, 1], TABLES, frame(), SCAN, DATA, END),
      DAMAGED,
    ],
    ['a scan before its frame', picture(START, TABLES, SCAN, DATA, END), DAMAGED],
    ['a scan without tables', picture(START, frame(), SCAN, DATA, END), DAMAGED],
    ['two frames', picture(head, frame(), SCAN, DATA, END), DAMAGED],
    [
      'a frame cut in its components',
      picture(START, TABLES, segment(0xc0, [8, 0, 8, 0, 16, 3, 1, 0x11, 0]), SCAN, DATA, END),
      DAMAGED,
    ],
    [
      'a frame of a kind that no browser draws',
      picture(START, TABLES, frame(16, 8, 0xc3), SCAN, DATA, END),
      DAMAGED,
    ],
    ['a picture of 1601 px', picture(START, TABLES, frame(1601, 8), SCAN, DATA, END), SIZE],
    ['a picture of no height', picture(START, TABLES, frame(16, 0), SCAN, DATA, END), SIZE],
    [
      'the camera’s data first',
      picture(START, segment(0xe1, 'Exif  GPS'), TABLES, frame(), SCAN, DATA, END),
      CAMERA,
    ],
    ['the camera’s data after its tables', picture(head, segment(0xe1, 'Exif'), SCAN, DATA, END), CAMERA],
    [
      'the camera’s data between two scans',
      picture(head, SCAN, DATA, segment(0xe1, 'Exif'), SCAN, DATA, END),
      CAMERA,
    ],
    ['the camera’s data as another segment', picture(head, segment(0xed, 'Photo'), SCAN, DATA, END), CAMERA],
    ['no JFIF in its name', picture(START, segment(0xe0, 'GPS'), TABLES, frame(), SCAN, DATA, END), CAMERA],
    ['words', picture(head, segment(0xfe, 'at home'), SCAN, DATA, END), CAMERA],
    ['something hung on behind', Buffer.concat([jpeg(), Buffer.from('GPS')]), CAMERA],
  ])('%s', (_, bytes, says) => expect(jpegProblem(bytes)).toBe(says))
  it('the demo’s own pictures, as Chromium drew them, may be kept; cut anywhere, they may not', () => {
    const folder = join(__dirname, '..', '..', 'demo', 'photos')
    const pictures = readdirSync(folder).map((name) => readFileSync(join(folder, name)))
    expect(pictures.length).toBeGreaterThan(0)
    for (const bytes of pictures) {
      expect(jpegProblem(bytes)).toBeNull()
      for (let share = 1; share < 40; share++)
        expect(jpegProblem(bytes.subarray(0, Math.floor((bytes.length * share) / 40)))).not.toBeNull()
    }
  })
  it('whatever the bytes, the check answers', () =>
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 200 }),
        (bytes) => jpegProblem(Buffer.from([0xff, 0xd8, ...bytes])) !== undefined,
      ),
      { seed: 8 },
    ))
})
