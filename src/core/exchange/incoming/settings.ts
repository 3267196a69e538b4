import Joi from 'joi';
import { DEFAULT_SETTINGS, SETTING_LIMITS, type AskSettings } from '../../answer';
import { problem, ProblemError } from '../../problem';
import { SETTINGS_FORMAT, SETTINGS_VERSION } from '../settingsFile';

const whole = ([least, most]: readonly [number, number]): Joi.NumberSchema =>
  Joi.number().integer().min(least).max(most);
const line = (most: number): Joi.StringSchema => Joi.string().trim().max(most);

/** How questions are read, as an archive or a file has it. See docs/formats.md. */
export const settingsSchema = Joi.object<AskSettings>({
  passages: Joi.object({
    maxWords: whole(SETTING_LIMITS.maxWords).default(DEFAULT_SETTINGS.passages.maxWords),
    minWords: whole(SETTING_LIMITS.minWords).default(DEFAULT_SETTINGS.passages.minWords),
    overlap: whole(SETTING_LIMITS.overlap).default(DEFAULT_SETTINGS.passages.overlap),
  }).default(DEFAULT_SETTINGS.passages),
  breadth: whole(SETTING_LIMITS.breadth).default(DEFAULT_SETTINGS.breadth),
  paraphrase: Joi.number()
    .min(SETTING_LIMITS.paraphrase[0])
    .max(SETTING_LIMITS.paraphrase[1])
    .default(DEFAULT_SETTINGS.paraphrase),
  equivalents: Joi.array()
    .items(Joi.array().items(line(80).min(1)).min(2).max(40))
    .max(500)
    .default([]),
  watchPoints: Joi.array()
    .items(
      Joi.object({
        name: line(80).min(1).required(),
        words: line(400).allow('').default(''),
        says: Joi.array().items(line(120).min(1)).min(1).max(60).required(),
        why: line(400).allow('').default(''),
        usual: line(400).allow('').default(''),
      }),
    )
    .max(100)
    .allow(null)
    .default(null),
  instructions: Joi.string().max(8000).allow('').default(''),
});

const fileSchema = (settingsSchema as Joi.ObjectSchema).keys({
  format: Joi.valid(SETTINGS_FORMAT),
  v: Joi.valid(SETTINGS_VERSION),
});

/** Settings out of a file's text; what it leaves out is as the reader has it by default. Throws ProblemError `settings-invalid`. */
export function parseSettings(text: string): AskSettings {
  let given: unknown;
  try {
    given = JSON.parse(text.replace(/^\ufeff/, ''));
  } catch {
    throw new ProblemError(problem('settings-invalid', { reason: 'the file is not JSON' }));
  }
  const { value, error } = fileSchema.validate(given) as { value: AskSettings; error?: Joi.ValidationError };
  if (error !== undefined)
    throw new ProblemError(problem('settings-invalid', { reason: error.message.replace(/"/g, '“') }));
  const { passages, breadth, paraphrase, equivalents, watchPoints, instructions } = value;
  return { passages, breadth, paraphrase, equivalents, watchPoints, instructions };
}
