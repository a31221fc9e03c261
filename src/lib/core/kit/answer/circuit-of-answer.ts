import { fittedPart } from '../../accessories';
import { vehicleCircuit, type FittedLamp, type FittedPart, type VehicleCircuit } from '../../circuit';
import type { Accessory, Configuration, Product } from '../../model';
import { assemblyLamp } from '../choices/assemblies';
import type { KitAnswer } from './answer';

/** The vehicle with a kit in it, read from its lines: its lamps, its assemblies, and each part where its line says. */
export function circuitWithKit(
	configuration: Configuration,
	{ lines, has }: Pick<KitAnswer, 'lines' | 'has'>,
	facts: { product: (id: string) => Product | undefined; accessory: (id: string) => Accessory | undefined }
): VehicleCircuit {
	const lamps = new Map<string, FittedLamp>();
	const put = (id: string, product: Product | undefined) => {
		const socket = configuration.sockets.find((s) => s.id === id);
		if (!product || !socket) return;
		lamps.set(id, {
			kind: 'product',
			product: product.kind === 'assembly' ? assemblyLamp(product, configuration, socket) : product
		});
	};
	for (const [socket, product] of Object.entries(has ?? {})) put(socket, facts.product(product));
	for (const line of lines)
		if (line.product) for (const socket of line.sockets) put(socket, facts.product(line.product));
	return vehicleCircuit(configuration, {
		lamps,
		parts: partsWhereFitted(configuration, lines, facts.accessory),
		faults: []
	});
}

/** Parts of a kit where its lines say they are fitted, one piece each. */
export function partsWhereFitted(
	configuration: Configuration,
	lines: KitAnswer['lines'],
	accessoryOf: (id: string) => Accessory | undefined
): FittedPart[] {
	return lines.flatMap(({ accessory: id, fitted = [] }): FittedPart[] => {
		const accessory = id === undefined ? undefined : accessoryOf(id);
		return accessory
			? fitted.flatMap(({ pieces, ...place }) =>
					Array.from({ length: pieces }, () => fittedPart(accessory, configuration, place))
				)
			: [];
	});
}
