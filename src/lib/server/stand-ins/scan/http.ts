import { scanReading, type ScanTool } from './service';

const TIMEOUT_MS = 20_000;

/** A scan tool behind an address: `GET ADDRESS` answers with a reading as JSON. */
export function httpScan(address: string, ask: typeof fetch = fetch): ScanTool {
	return {
		name: new URL(address).host,
		simulated: false,
		read: async () => {
			const response = await ask(address, { signal: AbortSignal.timeout(TIMEOUT_MS) });
			if (!response.ok) throw new Error(`The scan tool answered ${response.status}.`);
			return scanReading.parse(await response.json());
		}
	};
}
