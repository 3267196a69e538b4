import { describe, expect, test } from '@jest/globals';
import { draw } from '../../tests/support/draw';
import type { Mark } from '@/core/quote';
import type { Page } from '@/core/source';
import { Button, MarkGlyph, markInWords, Ribbon, Spine } from '.';
import { formText } from './formText';
import { CellMarks } from './CellMarks';
import { QuoteMarks } from './QuoteMarks';
import { ReadingOverlay } from './ReadingOverlay';
import { rowAt, RowRuler } from './RowRuler';

const nothing = (): void => undefined;

describe('marks', () => {
  test.each([
    ['exact', '='],
    ['same-words', '≈'],
    ['elsewhere', '↷'],
    ['altered', '≠'],
    ['absent', '∅'],
  ] as readonly (readonly [Mark, string])[])('%s is shown as %s, and said in words', (mark, glyph) => {
    const shown = draw(<MarkGlyph mark={mark} />).querySelector('[role=img]');
    expect(shown?.textContent).toBe(glyph);
    expect(shown?.getAttribute('aria-label')).toBe(`checked: ${markInWords(mark)}`);
  });

  test('are red for grave differences only', () => {
    expect(draw(<MarkGlyph mark="altered" grave />).innerHTML).toContain('grave');
    expect(draw(<MarkGlyph mark="altered" />).innerHTML).not.toContain('grave');
  });
});

describe('cell marks', () => {
  const value = [{ x: 200, y: 100, w: 30, h: 10 }];
  const row = [{ x: 50, y: 100, w: 60, h: 10 }];
  const column = [{ x: 205, y: 60, w: 25, h: 10 }];
  const ends = (svg: HTMLElement, selector: string): (number | string)[][] =>
    [...svg.querySelectorAll(selector)].map((line) =>
      ['x1', 'y1', 'x2', 'y2'].map((name) => Number(line.getAttribute(name))),
    );

  test('frame the figure, rule its label and head, and lead to both', () => {
    const svg = draw(<CellMarks {...{ value, row, column }} scale={2} grave={false} margin />);
    const frame = svg.querySelector('[data-part=cell]');
    expect(['x', 'y', 'width', 'height'].map((name) => Number(frame?.getAttribute(name)))).toEqual([395, 198, 70, 24]);
    expect(ends(svg, 'line:not([data-part])')).toEqual([
      [100, 219.5, 220, 219.5],
      [410, 139.5, 460, 139.5],
    ]);
    expect(ends(svg, '[data-part=leader]')).toEqual([
      [224, 219, 393, 219],
      [465, 142, 465, 196],
    ]);
    expect(svg.querySelector('[data-connect=quote]')).not.toBeNull();
  });

  test('lead nowhere when head and label touch the frame, and draw nothing without a figure', () => {
    const near = draw(
      <CellMarks value={value} row={[]} column={[{ x: 205, y: 89, w: 25, h: 10 }]} scale={1} grave margin={false} />,
    );
    expect(ends(near, '[data-part=leader]')).toEqual([]);
    expect(draw(<CellMarks value={[]} row={row} column={column} scale={1} grave margin />).innerHTML).toBe('');
  });
});

describe('quote marks', () => {
  const boxes = [
    { x: 10, y: 10, w: 80, h: 12 },
    { x: 10, y: 24, w: 40, h: 12 },
  ];

  test('rule each line, and bracket the quote at both ends', () => {
    const svg = draw(<QuoteMarks boxes={boxes} scale={2} grave={false} margin={false} />);
    const rules = [...svg.querySelectorAll('line')];
    expect(rules.map((line) => [line.getAttribute('x1'), line.getAttribute('x2')])).toEqual([
      ['20', '180'],
      ['20', '100'],
    ]);
    expect(svg.querySelectorAll('path')).toHaveLength(2);
  });

  test('have a bracket in the margin on the page, where the thread ends', () => {
    const svg = draw(<QuoteMarks boxes={boxes} scale={1} grave margin left={10} />);
    expect(svg.querySelectorAll('[data-connect=quote]')).toHaveLength(1);
    expect(svg.querySelector('svg')?.getAttribute('stroke')).toContain('grave');
  });

  test('are not drawn without boxes', () => {
    expect(draw(<QuoteMarks boxes={[]} scale={1} grave={false} margin />).innerHTML).toBe('');
  });
});

describe('the ribbon', () => {
  const ribbon = (page: number) =>
    draw(
      <Ribbon
        pageCount={40}
        pagesRead={30}
        page={page}
        label="F-2"
        marks={[
          { kind: 'chosen', page: 12 },
          { kind: 'finding', page: 3 },
        ]}
        onPage={nothing}
      />,
    );

  test('says where one is, for those who do not see it', () => {
    const slider = ribbon(7).querySelector('[role=slider]');
    expect(slider?.getAttribute('aria-valuenow')).toBe('7');
    expect(slider?.getAttribute('aria-valuemax')).toBe('40');
    expect(slider?.getAttribute('aria-valuetext')).toBe('page F-2');
  });

  test('joins the thread at the chosen quote', () => {
    expect(ribbon(7).querySelectorAll('[data-connect=ribbon]')).toHaveLength(1);
  });

  test('does not point at the page twice', () => {
    const arrows = (page: number): number => ribbon(page).querySelectorAll('.border-l-ink').length;
    expect([arrows(7), arrows(12)]).toEqual([1, 0]);
  });
});

describe('a spine', () => {
  const spine = (more: Partial<Parameters<typeof Spine>[0]>) =>
    draw(
      <Spine
        name="Lease"
        detail="PDF · 4 pp"
        grow={2}
        chosen
        open={false}
        progress={1}
        tables
        faulty={false}
        notches={[{ at: 0.5, strong: false }]}
        onOpen={nothing}
        onToggle={nothing}
        menu={null}
        {...more}
      />,
    );

  test('says what it is, whether it is asked, and where findings stand', () => {
    const shown = spine({});
    expect(shown.textContent).toContain('Lease');
    expect(shown.querySelector<HTMLInputElement>('input[aria-label="Ask Lease"]')?.hasAttribute('checked')).toBe(true);
    expect(shown.querySelectorAll('[style*="left: calc"]')).toHaveLength(1);
  });

  test('shows how far it is read, and faults in red', () => {
    expect(spine({ progress: 0.25 }).innerHTML).toContain('width: 25%');
    expect(spine({ progress: 1 }).innerHTML).not.toContain('width: 100%');
    expect(spine({ faulty: true }).innerHTML).toContain('text-grave');
  });

  test('among many is a slim back that says on being pointed at what it is; the open one keeps its words', () => {
    const slim = spine({ slim: true, chosen: false, faulty: true, progress: 0.5 });
    expect(slim.querySelector('input')).toBeNull();
    expect(slim.querySelector('button')?.title).toBe('Lease · PDF · 4 pp · left out');
    expect(slim.querySelector('button')?.getAttribute('aria-label')).toBe('Open Lease, PDF · 4 pp, left out');
    expect(slim.innerHTML).toContain('bg-grave');
    expect(slim.innerHTML).toContain('width: 50%');
    expect(spine({ slim: true, open: true }).querySelector('input')).not.toBeNull();
  });
});

describe('a row ruler', () => {
  const line = (y: number, x: number, w: number) => ({ box: { x, y, w, h: 10 } });
  const page = { lines: [line(100, 72, 100), line(101, 300, 80), line(130, 72, 400)] } as unknown as Page;

  test('lies along all that shares a row, across the text, and nowhere between rows', () => {
    expect(rowAt(page, 105)).toEqual({ x: 72, y: 100, w: 400, h: 11 });
    expect(rowAt(page, 120)).toBeNull();
  });

  test('is two rules, above and below', () => {
    const ruler = draw(<RowRuler row={{ x: 72, y: 100, w: 400, h: 11 }} scale={2} />);
    const ys = [...ruler.querySelectorAll('line')].map((rule) => Number(rule.getAttribute('y1')));
    expect(ys).toEqual([199, 223]);
  });
});

describe('what was read of a page', () => {
  test('outlines lines in their order, strikes out what is left out, and frames tables and the marks of footnotes', () => {
    const lines = (['head', 'heading', 'body'] as const).map((role, at) => ({
      role,
      start: at,
      box: { x: 10, y: 20 * at, w: 50, h: 10 },
    }));
    const place = { page: 1, box: { x: 10, y: 40, w: 50, h: 30 } };
    const noted = {
      number: 1,
      text: 'dues1',
      notes: [
        { mark: '1', start: 6, end: 9, at: { start: 4, end: 5 } },
        { mark: '2', start: 9, end: 12, at: null },
      ],
      geometry: { starts: Uint32Array.of(4), ends: Uint32Array.of(5), boxes: Float32Array.of(30, 10, 4, 5) },
    };
    const shown = draw(
      <ReadingOverlay
        page={{ ...noted, lines } as unknown as Page}
        tables={[{ place, rows: 3, columns: 2 }]}
        scale={1}
      />,
    );
    const roles = [...shown.querySelectorAll('[data-role]')].map((part) => part.getAttribute('data-role'));
    expect(roles).toEqual(['head', 'heading', 'body', 'mark', 'table']);
    expect([...shown.querySelectorAll('text')].map((text) => text.textContent)).toEqual([
      '2',
      '3',
      'table: 3 rows, 2 columns',
    ]);
    expect(shown.querySelectorAll('[data-role=head] line')).toHaveLength(1);
  });
});

test('a button is no submit button unless it says so', () => {
  expect(draw(<Button>Keep</Button>).innerHTML).toContain('type="button"');
  expect(draw(<Button type="submit">Ask</Button>).innerHTML).toContain('type="submit"');
});

test('the text of a form is trimmed, and empty without its field', () => {
  const form = document.createElement('form');
  form.innerHTML = '<input name="name" value="  Lease ">';
  expect(formText(form, 'name')).toBe('Lease');
  expect(formText(form, 'other')).toBe('');
});
