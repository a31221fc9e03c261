import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from 'svelte/compiler';
import { describe, expect, it } from 'vitest';
import { WORDING } from '../core/match/wording';
import { HELP_TOPICS } from '../client/help-topics';
import { VOCABULARY } from './vocabulary';

const SPOKEN_ATTRIBUTES = new Set(['label', 'title', 'aria-label', 'placeholder', 'said', 'alt']);

interface Node {
	type?: string;
	name?: string;
	data?: string;
	value?: unknown;
	[child: string]: unknown;
}

/** What a template says: its texts, and the attributes that are read out. */
function spoken(node: unknown, into: string[] = [], isSpoken = true): string[] {
	if (Array.isArray(node)) for (const one of node) spoken(one, into, isSpoken);
	else if (typeof node === 'object' && node !== null) {
		const { type, name, data } = node as Node;
		if (type === 'Text' && isSpoken && typeof data === 'string' && data.trim()) into.push(data.trim());
		if (type === 'Attribute') return spoken((node as Node).value, into, SPOKEN_ATTRIBUTES.has(name ?? ''));
		if (type === 'TemplateElement' && isSpoken) {
			const cooked = ((node as Node).value as { cooked?: string }).cooked ?? '';
			if (cooked.trim()) into.push(cooked.trim());
		}
		if (type === 'StyleSheet' || type === 'Script' || type === 'Comment') return into;
		for (const [key, child] of Object.entries(node))
			if (key !== 'start' && key !== 'end') spoken(child, into, isSpoken);
	}
	return into;
}

const files = (folder: string): string[] =>
	readdirSync(folder, { recursive: true, encoding: 'utf8' })
		.filter((file) => file.endsWith('.svelte'))
		.map((file) => join(folder, file));
const TEMPLATES = [...files('src/lib/components'), ...files('src/routes')];

const offences = (where: string, texts: readonly string[]) =>
	texts.flatMap((text) =>
		VOCABULARY.filter(({ never }) => never.test(text)).map(({ say }) => `${where}: “${text.slice(0, 80)}”: say ${say}`)
	);

describe('one word for one thing', () => {
	it('on every screen', () => {
		const found = TEMPLATES.flatMap((file) =>
			offences(file, spoken(parse(readFileSync(file, 'utf8'), { modern: true }).fragment))
		);
		expect(found).toEqual([]);
	});

	it('in every reason of a verdict', () => {
		expect(Object.keys(WORDING).length).toBeGreaterThan(80);
		const source = ['base', 'colour', 'electrics', 'heat', 'law', 'size', 'open', 'source']
			.map((gate) => readFileSync(`src/lib/core/match/wording/${gate}.ts`, 'utf8'))
			.flatMap((text) => text.match(/'[^'\n]{12,}'|`[^`\n]{12,}`/g) ?? [])
			// Codes and names of fields are for programs.
			.map((text) => text.replace(/\$\{[^}]*\}?/g, '…'))
			.filter((text) => /\s/.test(text) && !text.includes('d.channel'));
		expect(source.length).toBeGreaterThan(100);
		expect(offences('wording', source)).toEqual([]);
	});

	it('in the help', () => {
		const found = HELP_TOPICS.flatMap(({ topic }) =>
			offences(topic, readFileSync(`docs/help/${topic}.md`, 'utf8').split('\n'))
		);
		expect(found).toEqual([]);
	});

	it('finds what it looks for', () => {
		expect(spoken(parse('<p title="Two channels">Room of the socket</p>', { modern: true }).fragment)).toEqual([
			'Two channels',
			'Room of the socket'
		]);
		expect(offences('x', ['Two channels', 'Weigh', 'an output'])).toHaveLength(2);
	});
});
