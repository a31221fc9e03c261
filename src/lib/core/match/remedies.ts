import { mayCarry } from '../circuit';
import type { Accessory, Configuration } from '../model';
import type { LampCategory } from '../lamps';
import type { Remedy } from './findings/finding';

/** An accessory without categories or vehicle families suits all of them. */
export function suits(accessory: Accessory, category: LampCategory, { make, model }: Configuration): boolean {
	const { categories, families } = accessory.fits ?? {};
	const byCategory = categories?.some((name) => name === category.category || category.aka.includes(name)) ?? true;
	return byCategory && (families?.includes(`${make} ${model}`) ?? true);
}

function solves(remedy: Remedy, accessory: Accessory, configuration: Configuration): boolean {
	switch (remedy.kind) {
		case 'pwm-module':
			return accessory.kind === 'pwm-module';
		case 'adapter':
			return accessory.kind === 'adapter' || accessory.kind === 'ring';
		case 'cap':
			return isCapFor(remedy, accessory);
		case 'load':
			return carriesLoad(remedy, accessory) || replacesFlasher(remedy, accessory, configuration);
		default:
			return remedy satisfies never;
	}
}

function isCapFor({ extraDepth, port = 0 }: Extract<Remedy, { kind: 'cap' }>, accessory: Accessory): boolean {
	return accessory.kind === 'cap' && (accessory.extraDepth ?? 0) >= extraDepth && (accessory.port ?? 0) >= port;
}

/** What a lamp needs, the wishes for a cap joined: one cap goes on a lamp, so it has to meet them all. */
export function joinedRemedies(remedies: readonly Remedy[]): Remedy[] {
	const caps = remedies.filter((r) => r.kind === 'cap');
	if (caps.length < 2) return [...remedies];
	const one: Remedy = {
		kind: 'cap',
		extraDepth: Math.max(...caps.map((r) => r.extraDepth)),
		port: Math.max(...caps.map((r) => r.port ?? 0))
	};
	return [...remedies.filter((r) => r.kind !== 'cap'), one];
}

function carriesLoad({ duty }: { duty: number }, accessory: Accessory): boolean {
	const { kind, resistance: ohms, rating } = accessory;
	if ((kind !== 'resistor' && kind !== 'load-harness') || !ohms || rating === undefined) return false;
	return mayCarry({ ohms, rating, duty });
}

/** An LED flasher helps only where the flasher is a plug-in unit with the same pins, and the channel is the flasher's. */
export function replacesFlasher(
	remedy: { channel: string },
	accessory: Accessory,
	configuration: Configuration
): boolean {
	const { flasher } = configuration;
	const channel = configuration.channels.find((c) => c.id === remedy.channel);
	return (
		accessory.kind === 'flasher' &&
		channel?.monitor?.kind === 'flasher' &&
		flasher?.kind === 'plug-in' &&
		flasher.pins !== undefined &&
		accessory.fits?.pins === flasher.pins
	);
}

/** Accessories that can turn a `needs` into a pass. For a load they can carry it; how many it takes is for the kit to work out. */
export function partsFor(
	remedy: Remedy,
	where: { category: LampCategory; configuration: Configuration },
	accessories: readonly Accessory[]
): Accessory[] {
	return accessories.filter(
		(a) => suits(a, where.category, where.configuration) && solves(remedy, a, where.configuration)
	);
}
