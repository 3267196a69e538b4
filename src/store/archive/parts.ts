import Joi from 'joi';

/** Parts that the schemas of an archive are made of. */
export const id = Joi.string()
  .max(120)
  .pattern(/^[\w-]+$/);
export const text = (most: number): Joi.StringSchema => Joi.string().allow('').max(most);
export const count = Joi.number().integer().min(0).max(Number.MAX_SAFE_INTEGER);
export const sha256 = Joi.string().pattern(/^[0-9a-f]{64}$/);
