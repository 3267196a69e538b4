import type { Language } from '../../text';
import { ENGLISH_MATTERS } from './english';
import { ENGLISH_ACCOUNTS } from './englishAccounts';
import { ENGLISH_RULES } from './englishRules';
import { ENGLISH_THINGS } from './englishThings';
import { GERMAN_MATTERS } from './german';
import { JAPANESE_MATTERS } from './japanese';
import type { Matter } from './matter';

export type { Matter } from './matter';

const ofOneOrAnother = (matter: Matter): Matter => ({ ...matter, about: true });

const MATTERS: Partial<Record<Language, readonly Matter[]>> = {
  en: [
    ...ENGLISH_RULES.map(ofOneOrAnother),
    ...ENGLISH_MATTERS,
    ...[...ENGLISH_ACCOUNTS, ...ENGLISH_THINGS].map(ofOneOrAnother),
  ],
  de: GERMAN_MATTERS,
  ja: JAPANESE_MATTERS,
};

/** What agreements and rules settle that a question asks for; null where it asks for nothing of the kind. `language` is that of the documents. */
export function matterOf(asked: string, language: Language): Matter | null {
  return (MATTERS[language] ?? []).find((one) => one.asked.test(asked.trim())) ?? null;
}
