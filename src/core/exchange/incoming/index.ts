/** What takes files in, apart from what writes them: checking is heavy, and a page that only writes does without it. */
export { citationSchema, parseReview } from './parseReview';
