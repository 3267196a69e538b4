export { factsOf, type Fact } from './facts';
export { DEFAULT_SENTENCES, MOST_SENTENCES, summarise, type Summary, type SummaryOptions } from './summarise';
