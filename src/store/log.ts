import { nextEvent, type Appended, type EventKind, type LogEvent } from '../core/review';
import { announce } from './changes';
import { database, keeping } from './database';

const ACTOR = 'actor';

export async function listEvents(dossierId: string): Promise<LogEvent[]> {
  return (await (await database()).getAllFromIndex('events', 'dossier', dossierId)).map((stored) => stored.event);
}

/**
 * Appends an event to a dossier's log. Counter and chain are taken in the transaction that writes, so that two tabs never give the same
 * number. `newActor` names this browser profile the first time.
 */
export async function appendEvent<K extends EventKind>(
  dossierId: string,
  given: Omit<Appended<K>, 'actor'>,
  newActor: string,
): Promise<void> {
  const handle = await database();
  await keeping('the finding', async () => {
    const transaction = handle.transaction(['events', 'settings'], 'readwrite');
    const settings = transaction.objectStore('settings');
    const actor = (await settings.get(ACTOR)) ?? newActor;
    await settings.put(actor, ACTOR);
    const events = transaction.objectStore('events');
    const log = (await events.index('dossier').getAll(dossierId)).map((stored) => stored.event);
    const event = nextEvent(log, { ...given, actor });
    await events.put({ dossierId, id: event.id, event });
    await transaction.done;
  });
  announce({ kind: 'log', dossierId });
}
