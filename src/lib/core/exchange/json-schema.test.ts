import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { jsonSchema } from './json-schema';

it('the JSON Schema in docs/ is the one the code makes (npm run schema writes it again)', () => {
	expect(JSON.parse(readFileSync('docs/rotalux-1.schema.json', 'utf8'))).toEqual(
		JSON.parse(JSON.stringify(jsonSchema()))
	);
});
