import { hash, verify } from '@node-rs/argon2'

// argon2id is this library's default algorithm. Memory, time and lanes as OWASP's password storage cheat sheet
// gives for it (19 MiB, 2, 1), from memory.
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 }

export const hashPassword = (password: string): Promise<string> => hash(password, COST)

let decoy: Promise<string> | undefined

/** Checks a password; with no hash to check against it still does the same work, so that time tells nothing. */
export async function passwordMatches(passwordHash: string | undefined, password: string): Promise<boolean> {
  decoy ??= hashPassword('a password that nobody has')
  const matches = await verify(passwordHash ?? (await decoy), password)
  return matches && passwordHash !== undefined
}
