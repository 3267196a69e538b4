import { statedFacts } from '../facts';
import { amendingIn, mayChange } from './amending';
import { bareName, isDraft } from '../search';
import { erasIn, findDates, sayDate } from '../text';
import type { AskedSource, DraftClaim } from './types';

/** What one document says of something that several speak of. */
export interface Side {
  readonly source: AskedSource;
  /** The value, as a headline says it. */
  readonly said: string;
  readonly claim: DraftClaim;
  /** True when it is what puts another side out of force. */
  readonly amends: boolean;
}

/** When a document is of: its date as it tells it, the end of its period, or a year of its name; null when none is told. */
export function dateOf(source: AskedSource): string | null {
  const facts = statedFacts(source);
  const date = facts.find((fact) => fact.field === 'date')?.value;
  const period = findDates(facts.find((fact) => fact.field === 'period')?.value ?? '').at(-1)?.value;
  const named = /\b(?:19|20)\d{2}\b/.exec(source.name)?.[0] ?? erasIn(source.name)[0]?.year;
  // A filing tells dates before the end of its period; it is not of these.
  if (period !== undefined && (date === undefined || date < period)) return period;
  return date ?? named ?? null;
}

/** The number that tells documents of one name apart: 3 of "Winch manual edition 3"; null where their names differ otherwise. */
function editionsOf(one: AskedSource, two: AskedSource): readonly [number, number] | null {
  const [a, b] = [one, two].map((source) => /^(?<name>.*?)\s*(?<number>\d{1,3})$/u.exec(bareName(source))?.groups);
  if (a === undefined || b === undefined || a['name'] !== b['name']) return null;
  return [Number(a['number']), Number(b['number'])];
}

/** How two documents follow each other in time: less than 0 where the first is the earlier, 0 where nothing tells; one that tells its date is later than one that tells none. */
export function inTime(one: AskedSource, two: AskedSource): number {
  const [a, b] = [dateOf(one), dateOf(two)];
  if (a !== null || b !== null) return (a ?? '').localeCompare(b ?? '');
  const editions = editionsOf(one, two);
  if (editions !== null) return editions[0] - editions[1];
  const changes = (first: AskedSource, second: AskedSource): boolean => amendingIn(first).length > 0 && mayChange(first, second); // prettier-ignore
  return Number(changes(one, two)) - Number(changes(two, one));
}

/** Amendments first, drafts last, later documents before earlier ones. */
export function byForce(one: Side, two: Side): number {
  const rank = (side: Side): number => (side.amends ? 0 : isDraft(side.source.name) ? 2 : 1);
  return rank(one) - rank(two) || inTime(two.source, one.source);
}

/** How a line names the side that puts another out of force. */
const AMENDED = 'amended, ';

/** All sides, a line each, with its document and that one's date; the later of two is named as such. */
export function saySides(sides: readonly Side[]): string[] {
  const dates = sides.map((side) => dateOf(side.source));
  return sides.map(({ said, source, amends }, at) => {
    const date = dates[at] ?? null;
    const later = at === 0 && sides.length === 2 && date !== null && dates[1] != null && date > dates[1];
    const how = amends ? AMENDED : later ? 'later, ' : '';
    return `${said} (${how}${bareName(source)}${date === null || bareName(source).includes(date) ? '' : `, ${sayDate(date)}`})`;
  });
}

/** True for sides, as they are said, of which all but one amend it or are drafts: they do not disagree, the first is in force. */
export function saysAmended(lines: readonly string[]): boolean {
  const changing = lines.filter((line) => line.includes(`(${AMENDED}`));
  const others = lines.filter((line) => !changing.includes(line) && !isDraft(line));
  return changing.length > 0 && others.length <= 1;
}
