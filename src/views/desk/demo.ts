import { FIRST_NAME, pickedFiles, type Session } from '../session';

/** The demo dossier's files, served from our own origin. */
const FILES = ['Concession agreement.pdf', 'Annual filing 2025.pdf', 'Passenger vessel safety regulation.pdf'];

/** Brings the demo dossier in, as if its files had been dropped. */
export async function bringDemo(session: Session): Promise<void> {
  if (session.now.dossier?.name === FIRST_NAME) session.renameDossier('Ferry concession');
  const files: File[] = [];
  for (const name of FILES) {
    const response = await fetch(`/demo/${encodeURIComponent(name)}`);
    if (!response.ok) {
      session.tell(
        `The demo document “${name}” could not be loaded (${response.status}): reload the page and try again.`,
        'fault',
      );
      continue;
    }
    files.push(new File([await response.blob()], name, { type: 'application/pdf' }));
  }
  await session.documents.bringIn(pickedFiles(files));
}
