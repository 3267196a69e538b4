/** Dossiers as files, apart from the rest of the store: only the archive's worker needs what packs and checks them. */
export { openArchive, saveArchive } from './archive';
export { unpackFiles, type PackedFile } from './pack';
