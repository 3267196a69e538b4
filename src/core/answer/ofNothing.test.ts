import { expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { asksOfNothing } from './ofNothing';
import { analyseQuestion } from './question';
import type { AskedSource } from './types';

const sourcesOf = (text: string, language: 'en' | 'ja' = 'en'): readonly AskedSource[] =>
  libraryOfTexts({ 'Rules.txt': text }, language).sources();

const rules = sourcesOf('The slipway is open from six. Trailers may be left for two hours. The warden shall sweep it.');
const parking = sourcesOf('駐車場は午前四時から利用することができる。料金は月額二千円とする。', 'ja');

test.each([
  ['May dogs be taken onto the slipway?', true],
  ['May trailers be left overnight?', false],
  ['Is there a crane?', true],
  ['Is there a slipway?', false],
  ['What are the duties of the treasurer?', true],
  ['What are the duties of the warden?', false],
  ['Is the slipway heated?', true],
  ['Does the warden sweep the slipway?', false],
  ['When is the treasurer elected?', false],
  ['Who painted the mural?', true],
  ['Who designed the slipway’s logo?', true],
  ['Who keeps the register of the trailers?', true],
  ['Who sweeps the slipway of the harbour?', false],
  ['Who sweeps the slipway?', false],
  ['What happens in the case of a strike?', true],
  ['How much is the deposit?', true],
  ['Who is the treasurer of the harbour?', true],
  ['Who is the warden of the slipway?', false],
  ['Which trailers may go to Norway?', true],
  ['When is the slipway open on Sundays?', false],
])('“%s” asks about what stands nowhere: %s', (asked, nowhere) => {
  expect(asksOfNothing(analyseQuestion(asked, 'en'), rules)).toBe(nowhere);
});

test.each([
  ['駐車場に屋根はありますか。', true],
  ['駐車場はありますか。', false],
  ['カードは使えますか。', true],
  ['大型トラックの駐車は認められていますか。', true],
  ['午前から利用できますか。', false],
  ['会員の保証金はいくらですか。', true],
  ['駐車場の値段はいくらですか。', false],
  ['Linux版はいつ公開されますか。', true],
])('「%s」: %s', (asked, nowhere) => {
  expect(asksOfNothing(analyseQuestion(asked, 'ja'), parking)).toBe(nowhere);
});
