import type { Endpoint } from '../core/model';
import { announce } from './changes';
import { database, keeping } from './database';

/** Small things this browser remembers for the analyst. */
export type Setting = 'reviewer' | 'reader' | 'budget';

export async function getSetting(name: Setting): Promise<string | null> {
  return (await (await database()).get('settings', name)) ?? null;
}

export async function storeSetting(name: Setting, value: string): Promise<void> {
  await keeping('the setting', async () => (await database()).put('settings', value, name));
  announce({ kind: 'settings' });
}

/** Connected models that were added in the interface. Their keys stay in this browser; exports and archives never hold them. */
export async function listEndpoints(): Promise<Endpoint[]> {
  return (await database()).getAll('endpoints');
}

export async function storeEndpoint(endpoint: Endpoint): Promise<void> {
  await keeping('the connected model', async () => (await database()).put('endpoints', endpoint));
  announce({ kind: 'settings' });
}

export async function deleteEndpoint(name: string): Promise<void> {
  await (await database()).delete('endpoints', name);
  announce({ kind: 'settings' });
}
