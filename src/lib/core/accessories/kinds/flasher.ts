import type { AccessoryStrategy } from '../strategy';

/** A flasher that keeps its rate at any load: it helps only in place of a plug-in unit with the same pins, on outputs that unit counts. */
export const flasher: AccessoryStrategy = {
	label: 'LED flasher',
	answers: ({ fits }, need, { channels, flasher: stock }) =>
		need.kind === 'load' &&
		channels.find((c) => c.id === need.channel)?.monitor?.kind === 'flasher' &&
		stock?.kind === 'plug-in' &&
		stock.pins !== undefined &&
		fits?.pins === stock.pins,
	effect: () => ({ kind: 'steady-flasher' }),
	minutes: 15,
	consumedBy: null,
	caution: 'Same pins and the same earth; a two-pin one wants an earth lead.'
};
