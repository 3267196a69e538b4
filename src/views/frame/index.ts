export { Frame } from './Frame';
export { THEME_SCRIPT } from './themeScript';
