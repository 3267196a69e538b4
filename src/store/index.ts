export { announce, onChange, type Change } from './changes';
export { appendEvent, listEvents } from './log';
export { getPage, getSegment, pageOfLabel, pagesFrom, storePages, storeSegment } from './pages';
export { removeSource } from './removal';
export {
  editionId,
  fileOf,
  getDossier,
  getEdition,
  listShelf,
  openDossier,
  renameDossier,
  shelve,
  updateEdition,
  updateSource,
  type Admitted,
  type Shelved,
} from './shelf';
export { deleteSlip, listSlips, storeSlip } from './slips';
export type {
  EditionState,
  QuestionSlip,
  QuoteSlip,
  SlipScope,
  StoredDossier,
  StoredEdition,
  StoredPage,
  StoredSlip,
  StoredSource,
} from './schema';
