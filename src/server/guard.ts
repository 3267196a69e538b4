import type Joi from 'joi';
import { onLoopback } from './config';
import { problem, wordProblem, type Problem } from '../core/problem';

/** Bytes of a request's body. */
const MOST_BYTES = 512 * 1024;

export function refuse(status: number, given: Problem): Response {
  return Response.json({ problem: given, message: wordProblem(given) }, { status });
}

/** Only the application's own pages may ask: the browser says where a request comes from. On loopback the address asked must be this machine's own, too. */
function fromOurPages(request: Request): boolean {
  const host = request.headers.get('host') ?? '';
  if (onLoopback() && !/^(?:127\.0\.0\.1|localhost|\[::1\])(?::\d+)?$/.test(host)) return false;
  const site = request.headers.get('sec-fetch-site');
  if (site !== null && site !== 'same-origin') return false;
  const origin = request.headers.get('origin');
  if (origin === null) return site === 'same-origin';
  return URL.canParse(origin) && new URL(origin).host === host;
}

/** The validated body of a same-origin JSON request, or the refusal to send. */
export async function bodyOf<T>(
  request: Request,
  schema: Joi.Schema<T>,
): Promise<{ value: T } | { refusal: Response }> {
  if (!fromOurPages(request)) return { refusal: refuse(403, problem('request-origin')) };
  if (!(request.headers.get('content-type') ?? '').startsWith('application/json'))
    return { refusal: refuse(415, problem('request-invalid', { reason: 'it is not JSON' })) };
  const tooLarge = refuse(413, problem('request-too-large', { limit: MOST_BYTES / 1024 }));
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES) return { refusal: tooLarge };
  const bytes = await readBounded(request);
  if (bytes === null) return { refusal: tooLarge };
  let parsed: unknown;
  try {
    parsed = JSON.parse(bytes);
  } catch {
    return { refusal: refuse(422, problem('request-invalid', { reason: 'its body is not JSON' })) };
  }
  const checked = schema.validate(parsed, { errors: { wrap: { label: false } } });
  if (checked.error !== undefined) {
    const [detail] = checked.error.details;
    return {
      refusal: refuse(
        422,
        problem('request-invalid', { reason: `${detail?.path.join('.') ?? 'it'} is not as it should be` }),
      ),
    };
  }
  return { value: checked.value };
}

/** The body as text; null when it is larger than allowed, however it was announced. */
async function readBounded(request: Request): Promise<string | null> {
  const reader = request.body?.getReader();
  if (reader === undefined) return '';
  const parts: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > MOST_BYTES) {
      await reader.cancel();
      return null;
    }
    parts.push(value);
  }
  return new TextDecoder().decode(Buffer.concat(parts));
}
