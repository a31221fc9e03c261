import { twinGroups } from '../../vehicle';
import { socketsInScope } from '../order/scope';
import { lampsIn, type Check } from './facts';

/** Every socket of the scope stands in one line or is open, both sides carry the same, and what a person said is kept. */
export const placesCheck: Check = ({ answer, order, configuration, catalogue }) => {
	const wrong: string[] = [];
	const sockets = socketsInScope(configuration.sockets, order);
	const lamps = lampsIn(answer.lines);
	const open = new Set(answer.open.map((o) => o.socket));
	const lines = answer.lines.filter((l) => l.product);
	if (lines.reduce((sum, l) => sum + l.sockets.length, 0) !== lamps.size) wrong.push('a socket stands in two lines');
	for (const { id } of sockets) if (lamps.has(id) === open.has(id)) wrong.push(`${id} must be either served or open`);
	const inScope = new Set<string>(sockets.map((s) => s.id));
	for (const id of lamps.keys()) if (!inScope.has(id)) wrong.push(`${id} is outside the scope`);
	for (const group of twinGroups(sockets))
		if (new Set(group.map((s) => lamps.get(s.id))).size > 1)
			wrong.push(`${group.map((s) => s.id).join(' and ')} differ`);
	const choices = new Map(Object.entries(order.choices));
	for (const [socket, choice] of choices) {
		if (!inScope.has(socket)) continue;
		const product = lamps.get(socket);
		if (choice.kind === 'stock' && product) wrong.push(`${socket} was to stay stock`);
		if (choice.kind === 'product' && product && product !== choice.product)
			wrong.push(`${socket} was fixed to ${choice.product}`);
	}
	for (const { product, socket } of order.forbidden ?? [])
		if ([...lamps].some(([id, p]) => p === product && (!socket || socket === id) && !choices.has(id)))
			wrong.push(`${product} was forbidden`);
	for (const line of lines) {
		const product = catalogue.find(line.product ?? '')?.record;
		const used =
			product?.kind === 'assembly'
				? (product.mounts ?? []).filter((m) => m.configuration === configuration.id).length
				: line.sockets.length;
		if (line.count - line.spare !== used) wrong.push(`${line.sku}: spare is wrong`);
	}
	return wrong;
};
