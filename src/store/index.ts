export { announce, onChange, type Change } from './changes';
export { listBearings, storeBearings } from './bearings';
export { freshDossier, getDossier, latestDossier, listDossiers, storeDossier, type DossierListed } from './dossiers';
export { appendEvent, listEvents, mergeEvents, ownActor } from './log';
export { getPage, getIndex, getTables, pageOfLabel, pagesFrom, storePages, storeIndex, storeTables } from './pages';
export { deleteProof, listProofs, storeProof } from './proofs';
export { deleteDossier, removeEverything, removeSource } from './removal';
export { deleteEndpoint, getSetting, listEndpoints, storeEndpoint, storeSetting, type Setting } from './settings';
export {
  editionId,
  fileOf,
  getEdition,
  listShelf,
  shelve,
  updateEdition,
  updateSource,
  type Admitted,
  type Shelved,
} from './shelf';
export { deleteSlip, listSlips, storeSlip, updateSlip } from './slips';
export type {
  EditionState,
  ModelPart,
  Opinion,
  QuestionSlip,
  QuoteSlip,
  SlipScope,
  SlipSettings,
  StoredBearings,
  StoredDossier,
  StoredEdition,
  StoredPage,
  StoredProof,
  StoredSlip,
  StoredSource,
  SummarySlip,
} from './schema';
