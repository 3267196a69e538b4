/** Words whose change turns the meaning round; English, German and the Japanese endings that negate. */

const NEGATIONS = new Set(
  (
    "not no never none neither nor nothing without unless except excluding save cannot can't won't don't doesn't isn't aren't wasn't weren't shouldn't mustn't " +
    'other hardly nobody nowhere nicht kein keine keinen keiner keines keinem nie niemals ohne außer weder noch nur ausgenommen ' +
    'ない ず ぬ 非 不 無'
  ).split(' '),
);

const MODALS = new Set(
  'shall may must will should can could might would ought required permitted muss müssen darf dürfen soll sollen sollte kann können könnte wird werden'.split(
    ' ',
  ),
);

const MONTHS = new Set(
  (
    'january february march april may june july august september october november december januar februar märz mai juni juli oktober dezember 年 月 日 ' +
    'monday tuesday wednesday thursday friday saturday sunday'
  ).split(' '),
);

const NUMBER_WORDS = new Set(
  (
    'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty thirty forty fifty ' +
    'sixty seventy eighty ninety hundred thousand million billion trillion half double twice third quarter percent % ‰ $ € £ ¥ - ' +
    'zwei drei vier fünf sechs sieben acht neun zehn elf zwölf hundert tausend millionen milliarden prozent'
  ).split(' '),
);

export const isNegation = (word: string): boolean => NEGATIONS.has(word) || /n't$/.test(word);
export const isModal = (word: string): boolean => MODALS.has(word);
export const isMonth = (word: string): boolean => MONTHS.has(word);
export const isFigure = (word: string): boolean => /\d/.test(word) || NUMBER_WORDS.has(word);
