export { factsOf, type Fact } from './facts';
export { keyFiguresOf, type KeyFigure } from './keyFigures';
export { DEFAULT_SENTENCES, MOST_SENTENCES, summarise, type Summary, type SummaryOptions } from './summarise';
