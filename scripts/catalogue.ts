import { writeFileSync } from 'node:fs';
import { catalogueDocument } from './catalogueDocument.ts';

// Writes the catalogue as a document to read.
writeFileSync('docs/catalogue.md', catalogueDocument());
