import { describe, expect, it } from 'vitest';
import {
	makeAccessory,
	makeConfiguration,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../../tests/support/make';
import { solver } from '../../../../../tests/support/solver';
import { compileCatalogue } from '../../match';
import { kitOrder } from '../../model';
import { assembleKit } from '..';

const turn = (side: string) => ({
	...STOP_SOCKET,
	id: `turn-${side}`,
	side,
	functions: ['turn'],
	category: 'PY21W',
	lens: 'clear'
});
const channel = (side: string) => ({
	id: `turn-${side}`,
	feeds: [{ socket: `turn-${side}`, function: 'turn' }],
	feed: { kind: 'steady' },
	monitor: { kind: 'flasher' }
});
const pack = (sku: string, price: number) => [{ sku, count: 1, price, stock: 9 }];
const lamp = makeProduct({
	id: 'amber',
	fits: ['PY21W'],
	colour: { kind: 'amber', peak: 592 },
	power: { at13v5: 3 },
	flux: { claimed: 400 },
	packs: pack('amber-1', 500)
});
const accessories = [
	makeAccessory({
		id: 'load',
		kind: 'load-harness',
		scope: 'lamp',
		resistance: 6,
		rating: 50,
		packs: pack('load-1', 400)
	}),
	makeAccessory({ id: 'steady', kind: 'flasher', scope: 'vehicle', fits: { pins: 3 }, packs: pack('steady-1', 700) })
];

/** Parts of a kit for two turn lamps behind an electronic flasher that takes so long to reach. */
async function partsWith(minutes: number, balance: 'price' | 'ease') {
	const configuration = makeConfiguration([turn('left'), turn('right')], {
		channels: [channel('left'), channel('right')],
		flasher: { kind: 'plug-in', pins: 3, principle: 'electronic', thresholdCurrent: 1.1, checksInHazard: false },
		access: {
			operations: [
				{ id: 'lamps', title: 'Lamps out', minutesOff: 1, minutesOn: 1, reaches: ['turn-left', 'turn-right'] },
				{ id: 'dash', title: 'Dash out', minutesOff: minutes / 2, minutesOn: minutes / 2, reaches: ['flasher'] }
			]
		}
	});
	const kit = await assembleKit(
		{ configuration, catalogue: compileCatalogue([lamp]), shop: makeShop({}, accessories) },
		kitOrder.parse({ balance }),
		{ solver }
	);
	if (!kit.ok) throw new Error(kit.error.words);
	expect(kit.value.open).toEqual([]);
	return kit.value.lines.flatMap(({ accessory }) => accessory ?? []);
}

describe('the way in, where minutes count', () => {
	it('a flasher is worth its price while it is reached in minutes, and not behind half a dashboard', async () => {
		expect(await partsWith(4, 'ease')).toEqual(['steady']);
		expect(await partsWith(300, 'ease')).toEqual(['load']);
	});

	it('counts for nothing where only the price does', async () => {
		expect(await partsWith(300, 'price')).toEqual(['steady']);
	});
});
