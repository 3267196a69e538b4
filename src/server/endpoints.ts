import Joi from 'joi';
import { problem, ProblemError } from '../core/problem';
import type { Endpoint } from '../core/model';
import { TEMPERS } from './standIn/respond';

/** A connected model as the browser may name it: never its address or key. */
export interface ReaderOffer {
  readonly name: string;
  readonly model: string;
  /** `practice` is the stand-in that ships with the application. */
  readonly kind: 'practice' | 'configured';
}

/** Where the list of endpoints is: the JSON itself, or the path of a file that holds it. */
export const ENDPOINTS_VARIABLE = 'MARKED_PAGE_ENDPOINTS';

export const endpointSchema = Joi.object({
  name: Joi.string().trim().min(1).max(80).required(),
  address: Joi.string()
    .uri({ scheme: ['http', 'https'] })
    .max(500)
    .required(),
  model: Joi.string().trim().min(1).max(200).required(),
  key: Joi.string().max(500).allow(null, '').default(null),
});

const list = Joi.array().items(endpointSchema).max(50).unique('name');

/** The endpoint of the stand-in's temper, by its whole name or the temper's alone; null when it is none. */
export function practiceEndpoint(name: string): Endpoint | null {
  const temper = name.replace(/^practice: ?/, '');
  const known = TEMPERS.find((one) => temper === one || temper.startsWith(`${one}-`));
  return known === undefined
    ? null
    : { name: `practice: ${temper}`, address: 'http://practice.invalid/v1', model: temper, key: null };
}

/** The endpoints of a configuration's text. Throws ProblemError when it is not what it should be; its values are not repeated. */
export function parseEndpoints(text: string): Endpoint[] {
  if (text.trim() === '') return [];
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new ProblemError(problem('endpoints-invalid', { reason: 'it is not JSON' }));
  }
  const checked = list.validate(value, { errors: { wrap: { label: false } } });
  // The message names the field, never what stands in it: a key may.
  if (checked.error !== undefined) {
    const [detail] = checked.error.details;
    throw new ProblemError(
      problem('endpoints-invalid', { reason: `${detail?.path.join('.') ?? ''} is not as described` }),
    );
  }
  return checked.value as Endpoint[];
}

/** What the browser may choose from. */
export function offersOf(configured: readonly Endpoint[]): ReaderOffer[] {
  return [
    ...configured.map(({ name, model }) => ({ name, model, kind: 'configured' as const })),
    ...TEMPERS.map((model) => ({ name: `practice: ${model}`, model, kind: 'practice' as const })),
  ];
}
