import type { AskSettings } from '../../src/core/answer';
import { sha256Hex } from '../../src/core/hash';
import { Library } from '../../src/core/library';
import { readText, TableFinder } from '../../src/core/source';
import type { Language } from '../../src/core/text';

/** A library of documents given as plain text by their names, tables included; a form feed begins a page. */
export function libraryOfTexts(
  texts: Readonly<Record<string, string>>,
  language: Language = 'en',
  settings?: AskSettings,
): Library {
  const library = new Library(settings);
  for (const [name, text] of Object.entries(texts)) {
    const sha256 = sha256Hex(new TextEncoder().encode(text));
    const reading = readText(text, sha256);
    library.add({ id: name, name, sha256, pageCount: reading.pages.length, language });
    const finder = new TableFinder(language);
    const tables = reading.pages.flatMap((page) => {
      library.addPage(
        name,
        page,
        reading.sections.filter((section) => section.page === page.number),
      );
      return finder.addPage(page, []);
    });
    library.finish(name);
    library.setTables(name, [...tables, ...finder.finish()]);
  }
  return library;
}
