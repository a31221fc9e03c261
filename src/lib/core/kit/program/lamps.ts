import type { Bundle } from '../choices/bundle';
import { leavingCost } from '../weigh/leaving';
import { nameOf, optionCost } from '../choices/group';
import type { Builder, Demand } from './builder';

const WHOLE: Demand = { kind: 'whole', id: '', words: 'every socket that can be served is served' };

/**
 * One product per group, or one assembly over several groups, or the group is left open at a cost above every other; of a bundle, so many
 * groups get each.
 * What a person fixed is a demand of its own.
 */
export function addLamps(b: Builder): void {
	const { groups, assemblies, weigh, order } = b.input;
	for (const assembly of assemblies) {
		const name = b.binary(`a${b.assemblies.length}`, weigh(assembly.amounts));
		b.assemblies.push({ name, key: `${assembly.product.id}`, assembly });
	}
	for (const group of groups) {
		const over = b.assemblies.filter(({ assembly }) => assembly.groups.some((g) => g.sockets[0] === group.sockets[0]));
		if (group.options.length === 0 && over.length === 0) continue;
		const many = group.members.length;
		const lamps = group.options.map((option) => {
			const name = b.count(`x${b.lamps.length}`, optionCost(option, weigh), many);
			b.lamps.push({ name, key: `${group.sockets[0]?.id}>${option.product.id}`, group, option });
			return name;
		});
		const [member = group] = group.members;
		const open = b.count(`z${b.left.length}`, leavingCost(member), many);
		b.left.push({ name: open, group });
		const all = [...lamps, ...over.map(({ name }) => name), open];
		b.constrain(
			all.map((name) => [1, name]),
			{ sense: '=', bound: many }
		);
		if (group.fixed) fix(b, group, over);
		else if (order.whole) b.constrain([[1, open]], { sense: '<=', bound: 0 }, WHOLE);
	}
}

function fix(b: Builder, group: Bundle, over: Builder['assemblies']): void {
	const choice = group.sockets.map((s) => b.input.order.choices[s.id]).find((c) => c?.kind === 'product');
	const wanted = [
		...b.lamps.filter((lamp) => lamp.group === group),
		...over.filter(({ assembly }) => assembly.product.id === choice?.product)
	];
	const product = group.options[0]?.product.name ?? choice?.product ?? '';
	const demand: Demand = {
		kind: 'fixed',
		id: group.sockets[0]?.id ?? '',
		words: `${product} fixed by hand for ${nameOf(group)}`
	};
	b.constrain(
		wanted.map(({ name }) => [1, name]),
		{ sense: '>=', bound: 1 },
		demand
	);
}
