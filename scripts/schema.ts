import { writeFileSync } from 'node:fs';
import { jsonSchema } from '../src/lib/core/exchange/json-schema';

// Writes the JSON Schema of the format, made from the schemas of the core.
writeFileSync('docs/rotalux-1.schema.json', `${JSON.stringify(jsonSchema(), null, 2)}\n`);
