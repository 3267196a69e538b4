import { existsSync, readFileSync } from 'node:fs';
import type { Endpoint } from '../core/model';
import { ENDPOINTS_VARIABLE, parseEndpoints } from './endpoints';

/** The endpoints of this server's configuration, read anew each time, so that a mended file needs no new start. Throws ProblemError. */
export function configuredEndpoints(): Endpoint[] {
  const given = process.env[ENDPOINTS_VARIABLE] ?? '';
  return parseEndpoints(
    given !== '' && existsSync(/* turbopackIgnore: true */ given)
      ? readFileSync(/* turbopackIgnore: true */ given, 'utf8')
      : given,
  );
}

/** True while only this machine can reach the server: then the analyst may add endpoints in the interface. */
export function onLoopback(): boolean {
  return process.env['MARKED_PAGE_LOOPBACK'] !== '0';
}
