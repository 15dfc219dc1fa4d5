export interface FieldFault {
  readonly field: string
  readonly text: string
}

/** The server answered, and said no: a problem document. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly errors: readonly FieldFault[],
    /** The newer state, on 412. */
    readonly current: Record<string, unknown> | null | undefined,
  ) {
    super(detail)
  }
}

/** The server did not answer, or answered that it cannot now: the same request may go through later. */
export class ServerGone extends Error {}

interface Wish {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  readonly body?: unknown
  /** Bytes sent as they are, instead of a body of JSON. */
  readonly file?: Blob
  readonly headers?: Readonly<Record<string, string>>
}

const early = new Map<string, Promise<Response>>()

/** Asks ahead for what the page is about to need; the next request for it takes this answer. */
export function prefetch(path: string): void {
  const answer = fetch(`/api${path}`)
  // Whoever asks for it hears of a failure; until then it is not one.
  answer.catch(() => undefined)
  early.set(path, answer)
}

function take(path: string): Promise<Response> | undefined {
  const answer = early.get(path)
  early.delete(path)
  return answer
}

/**
 * One request to the API.
 * @throws {ApiProblem} when the server refuses; {ServerGone} when it cannot be reached
 */
export async function request<T>(
  path: string,
  { method = 'GET', body, file, headers = {} }: Wish = {},
): Promise<T> {
  let response: Response
  try {
    const ahead = method === 'GET' ? take(path) : undefined
    response = await (ahead ??
      fetch(`/api${path}`, {
        method,
        headers: { ...(body === undefined ? {} : { 'Content-Type': 'application/json' }), ...headers },
        ...(file ? { body: file } : body === undefined ? {} : { body: JSON.stringify(body) }),
      }))
  } catch {
    throw new ServerGone('The server cannot be reached.')
  }
  if (response.status === 204) return undefined as T
  const text = await response.text()
  if (response.ok) return JSON.parse(text) as T
  let problem: {
    title?: string
    detail?: string
    errors?: FieldFault[]
    current?: Record<string, unknown> | null
  } = {}
  try {
    problem = JSON.parse(text) as typeof problem
  } catch {
    // an answer that is no problem document comes from something between us and the server
  }
  if (response.status >= 502 || (response.status === 500 && problem.title === undefined))
    throw new ServerGone(problem.detail ?? 'The server cannot be reached.')
  throw new ApiProblem(
    response.status,
    problem.title ?? 'Something failed',
    problem.detail ?? 'The server refused without saying why.',
    problem.errors ?? [],
    problem.current,
  )
}

/**
 * Sends a picture under an id of its own making, so that sending it twice keeps it once.
 * @returns the row of the photo as the server keeps it
 * @throws as {@link request}
 */
export function sendPicture<T extends { readonly id: string }>(
  jobId: string,
  id: string,
  file: File,
  about: Readonly<Record<string, string | number>>,
): Promise<T> {
  const query = new URLSearchParams(Object.entries(about).map(([k, v]) => [k, String(v)]))
  return request<T>(`/jobs/${jobId}/pictures/${id}?${query.toString()}`, {
    method: 'PUT',
    file,
    headers: { 'Content-Type': file.type || 'application/octet-stream' },
  })
}
