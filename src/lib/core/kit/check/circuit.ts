import { newComplaints } from '../solution/circuit-cut';
import { circuitWithKit } from '../answer/fitted';
import type { Check } from './facts';

/** Circuit finds nothing to complain of that was not there before, but what the kit itself owns up to. */
export const circuitCheck: Check = (kit) => {
	const { configuration, catalogue, shop, answer } = kit;
	const circuit = circuitWithKit(configuration, answer, {
		product: (id) => catalogue.all.find((p) => p.record.id === id)?.record,
		accessory: (id) => shop.accessories.find((a) => a.id === id)
	});
	const found = newComplaints(configuration, circuit);
	return found.length > answer.complaints.length ? found.map((c) => `${c.kind} on ${c.channel}: ${c.why}`) : [];
};
