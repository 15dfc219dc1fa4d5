import { describe, expect, test } from 'vitest'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { loggable } from './loggable.js'
import { Problem, toProblem } from './problem.js'

describe('what stands in the log', () => {
  test('never the values of a statement', () => {
    const cause = Object.assign(new Error('duplicate key value violates unique constraint "member_email"'), {
      code: '23505',
      detail: 'Key (email)=(ilse@x) exists',
    })
    const error = new Error('Failed query: insert into member values ($1)\nparams: ilse@x,$argon2id$secret', {
      cause,
    })
    const said = loggable(error)
    expect(said).toContain('23505')
    expect(said).toContain('member_email')
    expect(said).not.toMatch(/ilse|argon2/)
    expect(loggable(new Error('Failed query: select $1\nparams: secret'))).not.toContain('secret')
    expect(loggable('secret')).not.toContain('secret')
  })
})

describe('any error becomes a problem', () => {
  test.each([
    [new Problem(409, 'Cannot be done', 'Because.'), 409],
    [new InputError('X', { what: 'is wrong', where: 'Amount', fix: 'Fix it.' }), 400],
    [new URIError('bad'), 400],
    [Object.assign(new Error('x'), { type: 'entity.too.large' }), 413],
    [new Error('wrapped', { cause: Object.assign(new Error('fk'), { code: '23503' }) }), 409],
    [new Error('wrapped', { cause: Object.assign(new Error('deadlock'), { code: '40P01' }) }), 503],
    [new Error('boom: password=hunter2'), 500],
    [Object.assign(new Error('no such file'), { status: 404 }), 404],
    [undefined, 500],
  ])('%s', (error, status) => {
    const problem = toProblem(error)
    expect(problem.status).toBe(status)
    expect(problem.detail).not.toContain('hunter2')
  })
})
