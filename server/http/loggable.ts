/**
 * What of an error may stand in a log: what went wrong and where in the code, never what was typed. The database
 * driver puts the values of a statement into its messages and details, so of those only the code and PostgreSQL's own
 * sentence are taken.
 */
export function loggable(error: unknown): string {
  if (!(error instanceof Error)) return 'something that is no error was thrown'
  const where = (error.stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 8)
    .join('\n')
  const cause = error.cause instanceof Error ? error.cause : undefined
  const of = cause ?? error
  const code = 'code' in of && typeof of.code === 'string' ? ` ${of.code}` : ''
  const message = /^Failed query/.test(of.message) ? 'a query failed' : of.message.split('\n')[0]
  return `${of.name}${code}: ${message ?? ''}\n${where}`
}
