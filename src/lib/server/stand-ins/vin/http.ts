import { vinReading, type VinService } from './service';

const TIMEOUT_MS = 4000;

/** A decoder behind an address: `GET ADDRESS/NUMBER` answers with the fields of a reading as JSON, 404 when it does not know it. */
export function httpVin(address: string, ask: typeof fetch = fetch): VinService {
	return {
		name: new URL(address).host,
		simulated: false,
		decode: async ({ vin }) => {
			const response = await ask(`${address.replace(/\/$/, '')}/${vin}`, { signal: AbortSignal.timeout(TIMEOUT_MS) });
			if (response.status === 404) return null;
			if (!response.ok) throw new Error(`The decoder answered ${response.status}.`);
			return vinReading.parse(await response.json());
		}
	};
}
