import { quotes, type Quotes, type Supplier } from './service';

const TIMEOUT_MS = 8000;

/** Reads what a feed answered. @throws Error with a sentence when it is not what a feed answers */
export function readQuotes(status: number, body: string): Quotes {
	if (status < 200 || status > 299) throw new Error(`the feed answered ${status}`);
	let json: unknown;
	try {
		json = JSON.parse(body);
	} catch {
		throw new Error('the feed sent something that is not JSON');
	}
	const read = quotes.safeParse(json);
	if (!read.success) throw new Error('the feed sent JSON without a list of quotes');
	return read.data;
}

/** A supplier behind an address: `GET ADDRESS/quotes` answers with quotes as JSON. */
export function httpSupplier(address: string, ask: typeof fetch = fetch): Supplier {
	return {
		name: new URL(address).host,
		simulated: false,
		ask: async () => {
			const response = await ask(`${address.replace(/\/$/, '')}/quotes`, { signal: AbortSignal.timeout(TIMEOUT_MS) });
			return readQuotes(response.status, await response.text());
		}
	};
}
