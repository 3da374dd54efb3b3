import { writeFileSync } from 'node:fs';
import { houseFileJsonSchema } from '../src/core/formats/jsonSchema.ts';

// Writes the JSON Schema of house files into the docs.
writeFileSync('docs/house-file.schema.json', `${JSON.stringify(houseFileJsonSchema(), null, 2)}\n`);
