import pino from 'pino';

/** One line a request: what kind of reader, how it ended, how long it took. Never a name, key, address, question or text. */
export const log = pino(
  { name: 'marked-page', base: null, level: process.env['LOG_LEVEL'] ?? 'info' },
  pino.destination(2),
);
