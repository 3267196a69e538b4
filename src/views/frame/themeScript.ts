export const THEME_KEY = 'marked-page theme';

/** Runs before the first paint: the kept choice, else what the system prefers. */
export const THEME_SCRIPT = `document.documentElement.dataset.theme=localStorage.getItem('${THEME_KEY}')||(matchMedia('(prefers-color-scheme: dark)').matches?'dark':'light')`;
