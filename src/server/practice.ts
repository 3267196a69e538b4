import Joi from 'joi';
import { problem } from '../core/problem';
import { refuse } from './guard';
import { standIn, type ChatRequest } from './standIn/respond';

const schema = Joi.object<ChatRequest>({
  model: Joi.string().max(200).required(),
  messages: Joi.array()
    .items(
      Joi.object({ role: Joi.string().required(), content: Joi.string().allow('').max(500_000).required() }).unknown(),
    )
    .min(1)
    .max(50)
    .required(),
}).unknown();

/** `POST /api/practice/v1/chat/completions`: the stand-in over HTTP, to try an endpoint's settings on. */
export async function practiceRoute(request: Request): Promise<Response> {
  if (Number(request.headers.get('content-length') ?? 0) > 1024 * 1024)
    return refuse(413, problem('request-too-large', { limit: 1024 }));
  let parsed: unknown;
  try {
    parsed = await request.json();
  } catch {
    return refuse(422, problem('request-invalid', { reason: 'its body is not JSON' }));
  }
  const checked = schema.validate(parsed);
  if (checked.error !== undefined)
    return refuse(422, problem('request-invalid', { reason: 'it is no chat-completions request' }));
  return standIn(checked.value, request.signal);
}
