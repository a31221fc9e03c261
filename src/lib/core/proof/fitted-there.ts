import { fittedPart } from '../accessories';
import { vehicleCircuit, type FittedLamp, type FittedPart, type VehicleCircuit } from '../circuit';
import type { Accessory, Configuration, Product, ProofOf } from '../model';

/** How records are found by their ids. */
export interface ProofRecords {
	product: (id: string) => Product | undefined;
	accessory: (id: string) => Accessory | undefined;
}

/** The vehicle as it was fitted during a test; null when a lamp or a part of it is no longer on record, so that nothing can be reckoned. */
export function circuitOfTest(
	configuration: Configuration,
	{ lamps, parts }: Pick<ProofOf<'mode-test'>, 'lamps' | 'parts'>,
	records: ProofRecords
): VehicleCircuit | null {
	const fitted = new Map<string, FittedLamp>();
	for (const [socket, id] of Object.entries(lamps)) {
		const product = records.product(id);
		if (!product) return null;
		fitted.set(socket, { kind: 'product', product });
	}
	const there: FittedPart[] = [];
	for (const { accessory: id, socket, channel } of parts) {
		const accessory = records.accessory(id);
		if (!accessory) return null;
		there.push(
			fittedPart(accessory, configuration, {
				...(socket === undefined ? {} : { socket }),
				...(channel === undefined ? {} : { channel })
			})
		);
	}
	return vehicleCircuit(configuration, { lamps: fitted, parts: there, faults: [] });
}
