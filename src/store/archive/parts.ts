import Joi from 'joi';

/** Parts that the schemas of an archive are made of. */
export const id = Joi.string()
  .max(120)
  .pattern(/^[\w-]+$/);
export const text = (most: number): Joi.StringSchema => Joi.string().allow('').max(most);
export const count = Joi.number().integer().min(0).max(Number.MAX_SAFE_INTEGER);
export const sha256 = Joi.string().pattern(/^[0-9a-f]{64}$/);

/** What is kept of how a figure was traced. */
export const tracing = {
  verdict: Joi.valid('quoted', 'computed', 'unsupported').required(),
  fault: Joi.valid(
    'scale',
    'sign',
    'unit',
    'points',
    'period',
    'column',
    'row',
    'arithmetic',
    'changed',
    'nowhere',
    null,
  ).required(),
  value: text(60).required(),
  unit: text(60).allow(null).required(),
  scale: Joi.number().positive().required(),
  how: text(20_000).required(),
};
