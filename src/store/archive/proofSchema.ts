import Joi from 'joi';
import { citationSchema } from '../../core/exchange/incoming';
import { count, id, sha256, text, tracing } from './parts';

const range = { start: count.required(), end: count.required() };
const item = {
  ...range,
  text: text(20_000).required(),
  saidFrom: text(2000).required(),
  pages: Joi.array().items(count).max(2000).required(),
  placeFault: Joi.valid('document', 'page', 'section', null).required(),
  rightPlace: text(400).allow(null).required(),
  placeSaid: Joi.object(range).allow(null).required(),
};
const items = Joi.array()
  .items(
    Joi.object({
      ...item,
      kind: Joi.valid('quote').required(),
      way: Joi.valid('marks', 'block', 'states').required(),
      citation: citationSchema.required(),
      tooShort: Joi.boolean().required(),
    }),
    Joi.object({
      ...item,
      kind: Joi.valid('figure').required(),
      ...tracing,
      citation: citationSchema.allow(null).required(),
      right: text(400).allow(null).required(),
    }),
  )
  .max(20_000);
const against = Joi.array()
  .items(Joi.object({ sourceId: id.required(), name: text(400).required(), sha256: sha256.required() }))
  .max(2000);

/** A stored proof, as an archive holds it. */
export const proofSchema = Joi.object({
  v: Joi.valid(1).required(),
  id: id.required(),
  dossierId: id.required(),
  name: text(400).required(),
  text: text(1_000_000).required(),
  madeAt: count.required(),
  items: items.required(),
  against: against.required(),
  before: Joi.object({ madeAt: count.required(), items: items.required(), against: against.required() })
    .allow(null)
    .required(),
});
