export { answerRoute, readersRoute } from './answer';
export { configuredEndpoints } from './config';
export { offersOf, practiceEndpoint, type ReaderOffer } from './endpoints';
export { practiceRoute } from './practice';
export { practiceFetch } from './standIn/respond';
