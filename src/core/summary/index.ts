export { FACT_FIELDS, factsOf, type Fact, type FactField } from './facts';
export { DEFAULT_SENTENCES, MOST_SENTENCES, summarise, type Summary, type SummaryOptions } from './summarise';
