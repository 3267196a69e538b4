export { FACT_FIELDS, statedFacts, type FactField } from './statedFacts';
