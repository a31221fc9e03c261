import type { Accessory, Configuration } from '../../model';
import { forFamily, worksOn } from '../made-for';
import type { AccessoryStrategy } from '../strategy';

/** True when it goes in place of the vehicle's unit: the same pins, the same supply, and a family it is made for where it names any. */
export function plugsIn({ fits, volts }: Accessory, configuration: Configuration): boolean {
	const { flasher: stock } = configuration;
	return (
		stock?.kind === 'plug-in' &&
		stock.pins !== undefined &&
		fits?.pins === stock.pins &&
		worksOn(volts, configuration) &&
		forFamily(fits.families, configuration)
	);
}

/** A flasher that keeps its rate at any load: it helps only in place of a plug-in unit with the same pins, on outputs that unit counts. */
export const flasher: AccessoryStrategy = {
	label: 'LED flasher',
	answers: (accessory, need, configuration) =>
		need.kind === 'load' &&
		configuration.channels.find((c) => c.id === need.channel)?.monitor?.kind === 'flasher' &&
		plugsIn(accessory, configuration),
	effect: () => ({ kind: 'steady-flasher' }),
	minutes: 15,
	hand: [
		'Note which way the old unit stands, pull it straight out, and keep it.',
		'Set the new one in the same way round; an earth lead goes to bare metal.',
		'It flashes or stays on: pins in another order, back to the old unit.'
	],
	consumedBy: null,
	caution: 'Same pins and the same earth; a two-pin one wants an earth lead.'
};
