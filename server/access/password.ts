// The owner's password: Node's scrypt, with the cost that OWASP's password storage cheat sheet (2024) asks for.
import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto'

export const USUAL_COST = 2 ** 17
const LENGTH = 32
/** ASVS 5.0, 6.2.1 and 6.2.9. */
const [LEAST, MOST] = [12, 200]

const derive = (password: string, salt: Buffer, cost: number): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    // The same letters, however a keyboard puts them together.
    scrypt(
      password.normalize('NFKC'),
      salt,
      LENGTH,
      { N: cost, r: 8, p: 1, maxmem: 2 ** 28 },
      (error, key) => (error ? reject(error) : resolve(key)),
    ),
  )

/** What is kept of it: the cost, the salt and what they make of the password. */
export async function passwordHash(password: string, cost: number): Promise<string> {
  const salt = randomBytes(16)
  const key = await derive(password, salt, cost)
  return [cost, salt.toString('base64url'), key.toString('base64url')].join('.')
}

export async function isPassword(password: string, hash: string): Promise<boolean> {
  const [cost = '', salt = '', key = ''] = hash.split('.')
  const kept = Buffer.from(key, 'base64url')
  const given = await derive(password, Buffer.from(salt, 'base64url'), Number(cost))
  return kept.length === given.length && timingSafeEqual(kept, given)
}

/** Why it will not do, as a sentence; null: it will. Common ones, and what is near them, are told by a known list. */
export async function passwordProblem(password: string): Promise<string | null> {
  if ([...password].length < LEAST) return `A password has at least ${LEAST} letters; four words will do.`
  if ([...password].length > MOST) return `A password has at most ${MOST} letters.`
  const [{ ZxcvbnFactory }, { dictionary, adjacencyGraphs }] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ])
  const guess = new ZxcvbnFactory({
    dictionary: { ...dictionary, shop: ['oak', 'switch', 'oakswitch'] },
    graphs: adjacencyGraphs,
  })
  return guess.check(password.slice(0, 60)).score >= 3
    ? null
    : 'That password is among those that are guessed first; take words that do not belong together.'
}
