import { NEED_WORDS } from '../../accessories';
import type { Accessory, Socket } from '../../model';
import { partAmounts } from '../weigh/amounts';
import { nameOf } from '../choices/group';
import type { Builder, Demand } from './builder';

/** Place an accessory of a scope takes for a socket: one of it serves that whole place. */
function placeOf(accessory: Accessory, socket: Socket): string {
	switch (accessory.scope) {
		case 'lamp':
		case 'channel':
			return socket.id;
		case 'side':
			return socket.side;
		case 'axle':
			return socket.zone;
		case 'vehicle':
			return 'vehicle';
		default:
			return accessory.scope satisfies never;
	}
}

/** Parts other than loads: each need of a chosen lamp is met by one of the parts on sale for it. */
export function addNeeds(b: Builder): void {
	for (const lamp of b.lamps)
		for (const { need, socket, parts } of lamp.option.needs) {
			if (need.kind === 'load') continue;
			const terms = parts.map((accessory): [number, string] => {
				const part = b.part(accessory, placeOf(accessory, socket), () => ({
					purpose: need.kind,
					places: [accessory.scope === 'lamp' || accessory.scope === 'channel' ? { socket: socket.id } : {}],
					sockets: new Set(),
					cost: b.input.weigh(partAmounts(accessory)),
					max: 1
				}));
				part.sockets.add(socket.id);
				return [1, part.name];
			});
			const demand: Demand = {
				kind: 'part',
				id: `${lamp.key} ${need.kind}`,
				words: `${lamp.option.product.name} in ${nameOf(lamp.group)} has its ${NEED_WORDS[need.kind].answers} part`
			};
			b.constrain([...terms, [-1, lamp.name]], { sense: '>=', bound: 0 }, demand);
		}
}

/** What comes along with an assembly, one for each piece. */
export function addAlong(b: Builder): void {
	for (const { name, key, assembly } of b.assemblies) {
		const { along, pieces, product } = assembly;
		const demand: Demand = { kind: 'part', id: key, words: `${product.name} has all that it is mounted with` };
		if (along === null) b.constrain([[1, name]], { sense: '<=', bound: 0 }, demand);
		for (const accessory of along ?? []) {
			const part = b.part(accessory, `assembly ${key}`, () => ({
				purpose: 'mounting',
				places: [{}],
				sockets: new Set(assembly.groups.flatMap((g) => g.sockets.map((s) => s.id as string))),
				cost: b.input.weigh(partAmounts(accessory)),
				max: pieces
			}));
			b.constrain(
				[
					[1, part.name],
					[-pieces, name]
				],
				{ sense: '>=', bound: 0 },
				demand
			);
		}
	}
}
