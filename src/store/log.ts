import { actorOf, counterOf, mergeLogs, nextEvent, type Appended, type EventKind, type LogEvent } from '../core/review';
import { problem, ProblemError } from '../core/problem';
import { announce } from './changes';
import { database, keeping } from './database';

/** Where this browser profile's id in logs is kept. */
export const ACTOR = 'actor';

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
): Promise<LogEvent<K>> {
  const handle = await database();
  const written = await keeping('the finding', async () => {
    const transaction = handle.transaction(['events', 'settings'], 'readwrite');
    const settings = transaction.objectStore('settings');
    const actor = (await settings.get(ACTOR)) ?? newActor;
    await settings.put(actor, ACTOR);
    const events = transaction.objectStore('events');
    const log = (await events.index('dossier').getAll(dossierId)).map((stored) => stored.event);
    const event = nextEvent(log, { ...given, actor });
    await events.put({ dossierId, id: event.id, event });
    await transaction.done;
    return event;
  });
  announce({ kind: 'log', dossierId });
  return written;
}

/** The id of this browser profile in logs; null before it has written anything. */
export async function ownActor(): Promise<string | null> {
  return (await (await database()).get('settings', ACTOR)) ?? null;
}

/**
 * Takes a colleague's log into a dossier's, whole or not at all; what was erased here stays erased. Throws ProblemError when the two cannot be
 * one log, or when it holds events in this profile's name that were not made here. One transaction.
 */
export async function mergeEvents(dossierId: string, incoming: readonly LogEvent[]): Promise<void> {
  const handle = await database();
  await keeping('the review', async () => {
    const transaction = handle.transaction(['events', 'settings'], 'readwrite');
    const events = transaction.objectStore('events');
    const stored = await events.index('dossier').getAll(dossierId);
    const actor = await transaction.objectStore('settings').get(ACTOR);
    const held = new Map(stored.map((one) => [one.id, one]));
    try {
      const own = incoming.filter((event) => actorOf(event) === actor);
      const last = Math.max(
        0,
        ...stored.filter((one) => actorOf(one.event) === actor).map((one) => counterOf(one.event)),
      );
      if (own.some((event) => counterOf(event) > last)) throw new ProblemError(problem('review-own'));
      const merged = mergeLogs(
        stored.map((one) => one.event),
        incoming,
      );
      for (const event of merged) {
        const known = held.get(event.id);
        if (known?.erased === true || (known !== undefined && known.event.payload !== null)) continue;
        await events.put({ dossierId, id: event.id, event });
      }
    } catch (caught) {
      transaction.abort();
      await transaction.done.catch(() => undefined);
      throw caught;
    }
    await transaction.done;
  });
  announce({ kind: 'log', dossierId });
}
