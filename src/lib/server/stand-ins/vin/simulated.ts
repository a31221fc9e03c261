import rows from '../../../../../data/stand-ins/vin.json';
import type { VinReading, VinService } from './service';

interface Row extends VinReading {
	maker: string;
	descriptor: string;
}

const fits = (pattern: string, text: string) => [...pattern].every((letter, i) => letter === '?' || letter === text[i]);

/** A decoder that knows the made-up vehicles of the demo. The structure of the number and its check digit are the real ones. */
export const simulatedVin: VinService = {
	name: 'Simulated decoder',
	simulated: true,
	decode: ({ maker, descriptor }) => {
		const row = (rows as Row[]).find((r) => r.maker === maker && fits(r.descriptor, descriptor));
		if (!row) return Promise.resolve(null);
		const { maker: _maker, descriptor: _descriptor, ...reading } = row;
		return Promise.resolve(reading);
	}
};
