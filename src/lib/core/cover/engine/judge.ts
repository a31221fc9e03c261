import {
	LEVELS,
	placeOf,
	RULE_IDS,
	RULES,
	VERDICTS,
	type ProductCase,
	type Rule,
	type RuleId,
	type SocketCase,
	type ViewedBy
} from '../../match';
import type { Place, RuleView } from './place-book';
import type { ProductBook } from './product-book';
import type { Shelf } from './shelf';
import { emptyRow, setCode, type VerdictRow } from './verdict-row';

/** Nothing was found at all, which is not a pass. */
const NOTHING = 0;
const UNKNOWN = VERDICTS.indexOf('unknown');

/** The worst level a rule finds: 1 more than its number in `LEVELS`, or nothing. */
function worstOf(found: ReturnType<Rule>): number {
	if (!found) return NOTHING;
	if (!Array.isArray(found)) return 1 + LEVELS.indexOf(found.level);
	let worst = NOTHING;
	for (const { level } of found) worst = Math.max(worst, 1 + LEVELS.indexOf(level));
	return worst;
}

/** What nothing, a pass, a need, a doubt and a refusal weigh. */
const DOUBTS = [0, 0, 0, 1, 100];

/** Tables by number; a number that is asked for has to be there. */
export interface PlaceTables {
	views: { readonly [view: number]: RuleView };
	places: { readonly [place: number]: Place };
}

/** Nobody has asked yet. */
const UNASKED = 0xff;

/** One rule in one view: the worst level it finds of each kind of product, worked out when somebody asks. */
class AskedRule {
	private levels = new Uint8Array(0);

	constructor(
		private readonly judge: Rule,
		private readonly place: SocketCase,
		private readonly examples: readonly ProductCase[]
	) {}

	level(kind: number): number {
		const known = this.levels[kind] ?? UNASKED;
		return known === UNASKED ? this.ask(kind) : known;
	}

	private ask(kind: number): number {
		if (kind >= this.levels.length) {
			const wider = new Uint8Array(this.examples.length).fill(UNASKED);
			wider.set(this.levels);
			this.levels = wider;
		}
		const example = this.examples[kind];
		const level = example ? worstOf(this.judge(this.place, example)) : NOTHING;
		this.levels[kind] = level;
		return level;
	}
}

/**
 * Judges places rule by rule. What a rule says in a view is worked out once for each kind of product it can tell apart, however many places
 * share the view; a place is as bad as the worst of its rules.
 */
export class ViewJudge {
	private readonly asked = new Map<number, AskedRule>();
	private readonly onShelves = new Map<Shelf, Map<number, Uint8Array>>();

	constructor(
		private readonly tables: PlaceTables,
		private readonly book: ProductBook,
		private readonly by: ViewedBy
	) {}

	/** Verdicts of the products of a shelf, given by their numbers, in a place; open questions counted. */
	row(place: Place, shelf: Shelf): VerdictRow {
		const codes = this.codes(place, shelf);
		for (const other of place.others) this.contest(codes, other, shelf);
		const row = emptyRow(codes.length);
		codes.forEach((code, i) => setCode(row, i, code));
		return row;
	}

	/** The number of the verdict of each product, by the values in force alone. */
	private codes({ views }: Place, shelf: Shelf): Uint8Array {
		const worst = new Uint8Array(shelf.length);
		for (const view of views) {
			const levels = this.levelsOf(view, shelf);
			for (let i = 0; i < worst.length; i++) {
				const level = levels[i] as number;
				if (level > (worst[i] as number)) worst[i] = level;
			}
		}
		for (let i = 0; i < worst.length; i++) worst[i] = worst[i] === NOTHING ? UNKNOWN : (worst[i] as number) - 1;
		return worst;
	}

	/** The worst level in a view for each product of a shelf. */
	private levelsOf(view: number, shelf: Shelf): Uint8Array {
		const onShelf = this.onShelves.get(shelf) ?? new Map<number, Uint8Array>();
		this.onShelves.set(shelf, onShelf);
		const known = onShelf.get(view);
		if (known) return known;
		const asked = this.inView(view);
		const kinds = this.book.kinds[(this.tables.views[view] as RuleView).rule] as readonly number[];
		const fresh = new Uint8Array(shelf.length);
		shelf.forEach((product, i) => {
			const kind = kinds[product] as number;
			fresh[i] = asked.level(kind);
		});
		onShelf.set(view, fresh);
		return fresh;
	}

	/** Forgets what stood on shelves, since a product on one is another now. */
	forgetShelves(): void {
		this.onShelves.clear();
	}

	/** How far a product is from serving a place: a hundred for each rule that refuses it, one for each that does not know. */
	doubts({ views }: Place, product: number): number {
		return views.reduce((sum, view, rule) => {
			const kind = this.book.kinds[rule]?.[product] ?? 0;
			return sum + (DOUBTS[this.inView(view).level(kind)] ?? 0);
		}, 0);
	}

	/** A product is not known to fit where another value of an open fact would say something else. */
	private contest(codes: Uint8Array, other: number | null, shelf: Shelf): void {
		const place = other === null ? undefined : this.tables.places[other];
		const then = place && this.codes(place, shelf);
		for (const [i, code] of codes.entries()) if (code < UNKNOWN && (then?.[i] ?? UNKNOWN) !== code) codes[i] = UNKNOWN;
	}

	private inView(number: number): AskedRule {
		const known = this.asked.get(number);
		if (known) return known;
		const { rule, view } = this.tables.views[number] as RuleView;
		const { judge } = RULES[RULE_IDS[rule] as RuleId];
		const fresh = new AskedRule(judge, placeOf(view, this.by), this.book.examples[rule] ?? []);
		this.asked.set(number, fresh);
		return fresh;
	}
}
