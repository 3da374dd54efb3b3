import { z } from 'zod';
import { houseFileSchema } from './houseFile.ts';

/** The JSON Schema (draft 2020-12) of house files, as someone writes them; made from the schema that reads them. */
export const houseFileJsonSchema = (): object => z.toJSONSchema(houseFileSchema, { io: 'input' });
