import { describe, expect, it } from 'vitest';
import { makeConfiguration, makeProduct, STOP_SOCKET } from '../../../../../tests/support/make';
import { vehicleCircuit, type FittedLamp } from '../../../core/circuit';
import type { Product } from '../../../core/model';
import { httpScan } from './http';
import { simulatedScan } from './simulated';

const vehicle = makeConfiguration([{ ...STOP_SOCKET, id: 'rep', functions: ['turn'], category: 'W5W' }], {
	channels: [
		{
			id: 'turn',
			feeds: [{ socket: 'rep', function: 'turn' }],
			feed: { kind: 'steady' },
			monitor: { kind: 'flasher', minCurrent: 0.3 },
			message: 'Turn'
		}
	],
	flasher: { kind: 'plug-in', normalPerMinute: 85 }
});
const fitted = (product?: Product) => {
	const lamps = new Map<string, FittedLamp>(product ? [['rep', { kind: 'product', product }]] : []);
	return vehicleCircuit(vehicle, { lamps, parts: [], faults: [] });
};

describe('the scan tool', () => {
	it('simulated, reads what the monitors said in every mode, and says that it is', async () => {
		const small = makeProduct({ id: 'w5', fits: ['W5W'], power: { at13v5: 0.6 } });
		const tool = simulatedScan(fitted(small));
		expect(tool.simulated).toBe(true);
		expect((await tool.read()).faults).toEqual([
			{ code: 'SIM-01', channel: 'turn', message: 'Turn', modes: ['Left turn', 'Hazard', 'Brake and left turn'] }
		]);
		expect((await simulatedScan(fitted()).read()).faults).toEqual([]);
	});

	it('a real one behind an address answers over the same interface, or its failure is passed on', async () => {
		const answer = (status: number, body: unknown) =>
			httpScan('http://127.0.0.1:9/scan', () => Promise.resolve(new Response(JSON.stringify(body), { status })));
		const faults = [{ code: 'X', channel: 'turn', message: 'm', modes: [] }];
		expect(await answer(200, { faults }).read()).toEqual({ faults });
		await expect(answer(503, {}).read()).rejects.toThrow('answered 503');
		await expect(answer(200, { faults: [{}] }).read()).rejects.toThrow();
	});
});
