import { sectionOf, unitsOfPassage } from '../search';
import type { Evidence } from './evidence';
import { wordsOver } from './rowEvidence';
import { headOver, leadOf, nameOfDocument, takenUp } from './surroundings';

/** All that a sentence is read with: its section, its passage, and what is over its row. */
export function readWith({ source, hit, unit, row }: Evidence): string {
  const passage = unitsOfPassage(source, hit.passage).map(({ text }) => text);
  const over =
    row === null ? [] : [wordsOver(row), row.table.caption ?? '', ...row.row.cells.map((cell) => cell?.unit ?? '')];
  return [sectionOf(source, unit.section), ...passage, ...over].join(' ');
}

/** A sentence or row with what it stands under. */
export function saidUnder({ source, hit, index, text, row }: Evidence): string {
  return `${text} ${row === null ? '' : wordsOver(row)} ${headOver(source, unitsOfPassage(source, hit.passage), index)}`;
}

/** The same with what it takes up, or what announces it, and the name of its document. */
export function saidAbout(one: Evidence): string {
  const { source, hit, index } = one;
  const units = unitsOfPassage(source, hit.passage);
  const before = units[takenUp(units, index)] ?? units[leadOf(units, index)];
  return `${saidUnder(one)} ${before?.text ?? ''} ${nameOfDocument(source)}`;
}
