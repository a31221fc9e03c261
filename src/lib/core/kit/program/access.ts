import { accessProgram, doable, FLASHER_PLACE } from '../../access';
import { hasEffect } from '../../accessories';
import { NO_AMOUNTS } from '../weigh/balance';
import type { Builder } from './builder';

/**
 * The way in, where minutes count: a group is served only by operations that reach each of its sockets, each of them paid for once, whatever it
 * serves; a flasher is changed only where it can be reached. A place that nobody can reach asks for nothing here.
 */
export function addAccess(b: Builder): void {
	const { access, weigh } = b.input;
	if (!access) return;
	const possible = doable(access);
	const cost = (minutes: number) => weigh({ ...NO_AMOUNTS, minutes });
	const { program, names } = accessProgram(access, { places: [], possible, cost, prefix: 'way' });
	b.variables.push(...program.variables);
	for (const { terms, sense, bound } of program.constraints) b.constrain(terms, { sense, bound });
	const reach = (place: string) =>
		(access.reaching.get(place) ?? []).filter((id) => possible.has(id)).map((id) => names.get(id) as string);
	for (const { name: open, group } of b.left) {
		const many = group.members.length;
		const ways = new Map(group.sockets.map(({ id }) => [reach(id).join(), reach(id)]));
		for (const by of ways.values())
			if (by.length > 0)
				b.constrain([...by.map((name) => [many, name] as const), [1, open]], { sense: '>=', bound: many });
	}
	const by = reach(FLASHER_PLACE);
	for (const { name, accessory, max } of b.parts.values())
		if (by.length > 0 && hasEffect(accessory, 'steady-flasher'))
			b.constrain([...by.map((way) => [max, way] as const), [-1, name]], { sense: '>=', bound: 0 });
}
