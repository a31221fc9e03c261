/** Longest text a list is searched for. */
const MOST_TYPED = 100;

/** What part of a list an address asks for: the words typed, and the number of the first row. */
export function pageFrom(url: URL, each: number): { typed: string; from: number } {
	const page = Number(url.searchParams.get('page') ?? 1);
	const typed = (url.searchParams.get('q') ?? '').slice(0, MOST_TYPED);
	return { typed, from: Number.isSafeInteger(page) && page > 0 ? (page - 1) * each : 0 };
}
