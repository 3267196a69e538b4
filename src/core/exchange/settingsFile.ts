import type { AskSettings } from '../answer';

export const SETTINGS_FORMAT = 'marked-page settings';
export const SETTINGS_VERSION = 1;

/** How a dossier's questions are read as a file, to be opened elsewhere and by the command line. See docs/formats.md. */
export function settingsFile(settings: AskSettings): string {
  return `${JSON.stringify({ format: SETTINGS_FORMAT, v: SETTINGS_VERSION, ...settings }, null, 1)}\n`;
}
