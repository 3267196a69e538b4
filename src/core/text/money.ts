/** Currencies in three letters, as the source of a pattern. */
export const CURRENCY_CODES = 'EUR|USD|GBP|JPY|CHF|SEK|NOK|DKK|CAD|AUD';

/** Names of currencies and of their smaller coins, in words and in three letters, as the source of a pattern that passes over case. */
export const CURRENCIES = `crowns?|kronen?|euros?|dollars?|pounds?|yen|francs?|franken|rupees?|cents?|pence|penny|[øö]re|TEUR|${CURRENCY_CODES}|クラウン|円|ドル|ユーロ|ポンド`;

/** What stands for no cents behind the comma of a sum, "2,- €", as the source of a pattern. */
export const NO_CENTS = '(?<=,)[-–—]{1,2}';

/** A sum of money in figures, as the source of a pattern: "400 crowns", "1.5 million euros", "$400", "EUR 350", "350 €", "350,- €". */
export const SUM_IN_FIGURES = String.raw`(?:[$€£¥]|\b(?:${CURRENCY_CODES}|kr)\b)\s?\d[\d.,]*|\d[\d.,]*(?:${NO_CENTS})?\s?(?:[$€£¥]|(?:\p{L}+ )?(?:${CURRENCIES})(?!\p{L}))`;
