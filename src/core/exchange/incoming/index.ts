/** What takes files in, apart from what writes them: checking is heavy, and a page that only writes does without it. */
export { cellSchema, citationSchema, parseReview } from './parseReview';
export { parseSettings, settingsSchema } from './settings';
