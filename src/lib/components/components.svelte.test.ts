import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import { judgeIn, makeConfiguration, makeProduct, makeShop, STOP_SOCKET } from '../../../tests/support/make';
import { demoDocument } from '../server/demo/document';
import { candidateView, EVERY_CANDIDATE, socketViews } from '../core/views';
import { readClaims } from '../core/claims';
import Lines from './kit/Lines.svelte';
import ClaimList from './stock/ClaimList.svelte';
import CandidateTable from './match/CandidateTable.svelte';
import Reasons from './match/Reasons.svelte';
import PaperRota from './rota/PaperRota.svelte';
import Rota from './rota/Rota.svelte';
import RotaList from './rota/RotaList.svelte';
import { shortLines } from './rota/wheel';
import TinyRota from './rota/TinyRota.svelte';
import LevelMark from './ui/LevelMark.svelte';
import { money } from '../core/quantity';
import VerdictTag from './ui/VerdictTag.svelte';

const configuration = makeConfiguration([STOP_SOCKET, { ...STOP_SOCKET, id: 'stop-R', side: 'right' }]);
const shown = (more: object = {}) =>
	candidateView(judgeIn(configuration, makeProduct(more)), {
		configuration,
		socket: configuration.sockets[0]!,
		shop: makeShop()
	});
const count = (html: string, what: RegExp) => html.match(what)?.length ?? 0;
const nothing = () => undefined;
const ASKED = {
	counts: { fits: 3, parts: 0, unknown: 0, refused: 0 },
	wish: EVERY_CANDIDATE,
	onselect: nothing,
	oncompare: nothing,
	onwish: nothing
};

describe('the rota', () => {
	const sockets = socketViews(configuration, () => ({ verdict: 'fits', product: null }));
	const html = (selected: string | null) =>
		render(Rota, { props: { sockets, selected, label: 'Made Up', onselect: nothing, onopen: nothing } }).body;

	it('is one control with a named option for each socket', () => {
		const body = html('stop-R');
		expect(count(body, /role="listbox"/g)).toBe(1);
		expect(body).toContain('aria-label="Sockets of Made Up"');
		expect(body).toContain('aria-label="Rear stop, left, P21W, red, Fits"');
		expect(count(body, /aria-selected="true"/g)).toBe(1);
		expect(body).toMatch(/aria-activedescendant="[^"]+-stop-R"/);
	});

	it('says how many there are while none is chosen', () => {
		expect(html(null)).not.toContain('aria-activedescendant');
		expect(html(null)).toContain('sockets');
	});

	it.each(demoDocument().configurations.map((c) => [c.id, c] as const))(
		'draws every socket of %s, large, small, tiny, on paper and as a list',
		(_, c) => {
			const all = socketViews(c);
			const large = render(Rota, {
				props: { sockets: all, selected: null, label: 'x', onselect: nothing, onopen: nothing }
			}).body;
			const small = render(Rota, {
				props: { sockets: all, selected: null, label: 'x', labels: false, onselect: nothing, onopen: nothing }
			}).body;
			const paper = render(PaperRota, { props: { sockets: all, label: 'x' } }).body;
			const tiny = render(TinyRota, { props: { sockets: all } }).body;
			const list = render(RotaList, { props: { sockets: all, selected: null, href: (id: string) => `/x/${id}` } }).body;
			for (const body of [large, small]) {
				expect(count(body, /role="option"/g)).toBe(all.length);
				expect(body).not.toContain('NaN');
			}
			expect(count(paper, /class="mark/g)).toBe(all.length);
			expect(paper).not.toContain('role="option"');
			expect(count(tiny, /<path/g)).toBe(all.length);
			expect(count(list, /href="\/x\//g)).toBe(all.length);
			for (const socket of all) expect(list).toContain(socket.name);
		}
	);

	it('breaks long names for the hub', () => {
		expect(shortLines('Daytime running / front position')).toEqual(['Daytime', 'running /', 'front']);
		expect(shortLines('Low beam')).toEqual(['Low beam']);
	});
});

describe('verdicts', () => {
	it('have a shape and a word, never a colour alone', () => {
		for (const verdict of ['fits', 'parts', 'unknown', 'refused'] as const) {
			const { body } = render(VerdictTag, { props: { verdict } });
			expect(body).toMatch(/Fits|Fits with parts|Check by hand|Refused/);
			expect(body).toContain('<svg');
		}
		expect(render(LevelMark, { props: { level: 'unknown' } }).body).toContain('aria-label="Not known"');
	});

	it('have four shapes that differ', () => {
		const shapes = (['pass', 'needs', 'unknown', 'refuse'] as const).map((level) =>
			render(LevelMark, { props: { level, label: '' } }).body.replace(/class="[^"]*"/g, '')
		);
		expect(new Set(shapes).size).toBe(4);
	});
});

describe('candidates', () => {
	const candidates = [
		shown(),
		shown({ id: 'wide', name: 'Wide lamp', size: { frontLength: 46, frontDiameter: 90 } }),
		shown({ id: 'free', name: 'Not on sale', packs: [] })
	];

	it('stand in a table with a mark for each gate and the first reason', () => {
		const { body } = render(CandidateTable, {
			props: { candidates, selected: 'led', compared: [], currency: 'NOK', ...ASKED }
		});
		expect(body).toContain('Price, NOK');
		expect(body).toContain('aria-label="size: Refused"');
		expect(body).toContain('diameter 90 mm; required: at most 30 mm');
		expect(count(body, /data-row="" aria-pressed="true"/g)).toBe(1);
		expect(body).toContain('10.00');
	});

	it('open into their reasons: measured, required, why and source', () => {
		const { body } = render(Reasons, { props: { candidate: candidates[1]! } });
		for (const text of [
			'diameter 90 mm',
			'at most 30 mm',
			'It is 60 mm too big',
			'Source: vehicle record, no source given'
		])
			expect(body).toContain(text);
	});

	it('a script in a name stays text', () => {
		const { body } = render(CandidateTable, {
			props: {
				candidates: [shown({ name: '<script>alert(1)</script>' })],
				selected: null,
				compared: [],
				currency: 'NOK',
				...ASKED
			}
		});
		expect(body).not.toContain('<script>alert');
		expect(body).toContain('&lt;script>alert(1)');
	});
});

describe('claims of a maker', () => {
	it('that cannot be taken as they stand say what is reckoned with instead, and why', () => {
		const claims = readClaims(
			makeProduct({ flux: { claimed: 20000, per: 'pair' }, power: { at13v5: 25 }, limit: undefined })
		);
		const { body } = render(ClaimList, { props: { claims: claims.filter((c) => c.level !== 'plausible') } });
		for (const text of ['3 claims to look at', 'not credible', '2500 lm per lamp', '400 lm/W', 'temperature limit'])
			expect(body).toContain(text);
		expect(render(ClaimList, { props: { claims: [] } }).body).not.toContain('details');
	});
});

describe('kit lines', () => {
	const line = {
		sku: 'A-2',
		name: 'Lamp',
		maker: 'Glimmark',
		sockets: [],
		places: ['Low beam, both'],
		doubts: ['never confirmed: lens'],
		inBox: ['decoder, 10 ohm'],
		packs: 1,
		count: 2,
		spare: 1,
		price: 3490,
		solves: 'lamp',
		verdict: 'fits' as const
	};

	it('say packs, pieces, spare and price', () => {
		const { body } = render(Lines, { props: { title: 'Lamps', lines: [line], currency: 'EUR' } });
		for (const text of [
			'A-2',
			'Low beam, both',
			'34.90',
			'Price, EUR',
			'Verdict',
			'never confirmed: lens',
			'in the box: decoder, 10 ohm'
		])
			expect(body).toContain(text);
	});

	it('a part says what it answers, and where it helps', () => {
		const part = { ...line, verdict: undefined, places: [], solves: 'pulsed feed' };
		const { body } = render(Lines, { props: { title: 'Parts', lines: [part], currency: 'EUR' } });
		for (const text of ['pulsed feed', 'the whole vehicle', 'Answers']) expect(body).toContain(text);
	});

	it('money has two decimals and its currency', () => {
		expect([money(5, 'EUR'), money(123456, 'NOK')]).toEqual(['0.05 EUR', '1234.56 NOK']);
	});
});
