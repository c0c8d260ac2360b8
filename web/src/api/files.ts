import { answer, api } from './client';

const AS_BYTES = { 'Content-Type': 'application/octet-stream' };

/** A file goes as its bytes, whatever the contract calls their type. */
const bytes = (file: File) => ({
  body: file as unknown as string,
  bodySerializer: (body: unknown) => body as File,
  headers: AS_BYTES,
});

/** Files that are sent, each to what takes it. */
export const files = {
  review: (file: File) => answer(api.POST('/api/files/review', bytes(file))),

  bring: (file: File, copy: boolean) =>
    answer(api.POST('/api/files', { ...bytes(file), params: { query: { copy } } })),

  bringTable: (file: File) => answer(api.POST('/api/foods/tables', bytes(file))),

  reviewArchive: (file: File) => answer(api.POST('/api/archive/review', bytes(file))),

  restore: (file: File, merge: boolean) =>
    answer(api.POST('/api/archive', { ...bytes(file), params: { query: { merge } } })),
};
