import { FIRST_NAME, type Arrival, type Session } from '../session';
import { FIRST_FILES, FURTHER_FILES } from './demoFiles';

/** A file of the demo; null when it could not be loaded, which is told. */
async function demoFile(session: Session, name: string): Promise<File | null> {
  const response = await fetch(`/demo/${encodeURIComponent(`${name}.pdf`)}`);
  if (response.ok) return new File([await response.blob()], `${name}.pdf`, { type: 'application/pdf' });
  session.tell(
    `The demo document “${name}” could not be loaded (${response.status}): reload the page and try again.`,
    'fault',
  );
  return null;
}

/** Brings the demo dossier in, as if its files had been dropped: its first three documents, or all of them. */
export async function bringDemo(session: Session, whole: boolean): Promise<void> {
  if (session.now.dossier?.name === FIRST_NAME) session.renameDossier('Ferry concession');
  const wanted: Readonly<Record<string, readonly string[]>> = whole
    ? { ...FURTHER_FILES, '': [...FIRST_FILES, ...(FURTHER_FILES[''] ?? [])] }
    : { '': FIRST_FILES };
  const arrivals: Arrival[] = [];
  for (const [folder, names] of Object.entries(wanted)) {
    for (const name of names) {
      const file = await demoFile(session, name);
      if (file !== null) arrivals.push({ file, folder });
    }
  }
  await session.documents.bringIn(arrivals);
}
