import { civilDateIn } from '../../../core/calendar/zone.ts';
import { addDocument, documentsOf, dropDocument, fileOf } from '../../services/documents.ts';
import { importEntries, totalsFor } from '../../services/record.ts';
import { FileAnswer, type Handlers } from '../context.ts';

type Names = 'totals' | 'importEntries' | 'documents' | 'addDocument' | 'documentFile' | 'dropDocument';

export const recordHandlers: Pick<Handlers, Names> = {
  totals: ({ services: { clock }, tx, home, query }) =>
    totalsFor(tx, home, civilDateIn(home.zone, clock()), query.by),
  importEntries: ({ services: { clock }, tx, home, personId, body }) =>
    importEntries(tx, home, body.entries, { by: personId, now: clock() }),
  documents: ({ tx, home }) => documentsOf(tx, home),
  addDocument: ({ services: { clock }, tx, home, personId, params, body }) =>
    addDocument(tx, home, params.documentId, body, { by: personId, now: clock() }),
  documentFile: async ({ tx, home, params }) => {
    const { file, type, fileName } = await fileOf(tx, home, params.documentId);
    return new FileAnswer(file, type, fileName);
  },
  dropDocument: async ({ services: { clock }, tx, home, personId, params }) => {
    await dropDocument(tx, home, params.documentId, { by: personId, now: clock() });
    return {};
  },
};
