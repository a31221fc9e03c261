import type { Product } from '../../model';
import { productCase } from '../../match';
import type { Cover } from '../cover';
import { codeAt, ProductBook, ViewJudge, type Place, type Shelf } from '../engine';

/** Judges products that are not in the catalogue in the places of a fleet, by the rules of the match. */
export class Trial {
	private readonly judge: ViewJudge;
	private readonly shelf: Shelf;

	constructor(
		private readonly cover: Pick<Cover, 'places' | 'views' | 'by'>,
		products: readonly Product[]
	) {
		const { places, views, by } = cover;
		const cases = products.map((product) => productCase(product));
		this.judge = new ViewJudge({ places, views }, new ProductBook(cases), by);
		this.shelf = [...cases.keys()];
	}

	/** The number of the verdict of each product in a place. */
	codes(place: number): Uint8Array {
		const row = this.judge.row(this.cover.places[place] as Place, this.shelf);
		return Uint8Array.from(this.shelf, (at) => codeAt(row, at));
	}

	/**
	 * The product that is nearest to serving a place: of those with the best verdict the one that the fewest rules refuse, then the one with the
	 * fewest doubts.
	 * @param apart one product in so many is looked at, where they differ in little between
	 */
	nearest(place: number, apart: number): number {
		const codes = this.codes(place);
		const best = Math.min(...codes);
		const some = [...codes.keys()].filter((i) => codes[i] === best);
		const few = some.length > codes.length / apart ? some.filter((i) => i % apart === 0) : some;
		const doubts = few.map((product) => this.judge.doubts(this.cover.places[place] as Place, product));
		return few[doubts.indexOf(Math.min(...doubts))] ?? 0;
	}
}
