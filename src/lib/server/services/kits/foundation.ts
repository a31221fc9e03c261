import type { Configuration } from '../../../core/model';
import type { KitAnswer } from '../../../core/kit';
import type { Foundation } from '../../repositories/kits';
import { fingerprint } from '../../fingerprint';
import type { ShopData } from '../catalogue';

/** What an answer stands on as it is now: its vehicle, what is in it, the policy and the shop's assumptions. */
export function foundationOf(
	{ configuration, answer }: { configuration: Configuration; answer: KitAnswer },
	{ catalogue, shop }: Pick<ShopData, 'catalogue' | 'shop'>
): Foundation {
	const inKit = new Set(answer.lines.flatMap((line) => line.product ?? line.accessory ?? []));
	const products = [...inKit].flatMap((id) => catalogue.find(id)?.record ?? []);
	const accessories = shop.accessories.filter(({ id }) => inKit.has(id));
	return {
		vehicle: fingerprint(configuration),
		parts: Object.fromEntries([...products, ...accessories].map((r) => [r.id as string, fingerprint(r)])),
		policy: fingerprint(shop.policy),
		assumptions: fingerprint(shop.assumptions)
	};
}

/** What has changed under an answer since it was worked out, in words; empty when nothing it stands on has. */
export function changedUnder(before: Foundation, now: Foundation): string[] {
	const parts = new Set([...Object.keys(before.parts), ...Object.keys(now.parts)]);
	return [
		...(before.vehicle === now.vehicle ? [] : ['the record of the vehicle']),
		...[...parts].filter((id) => before.parts[id] !== now.parts[id]),
		...(before.policy === now.policy ? [] : ["the shop's policy"]),
		...(before.assumptions === now.assumptions ? [] : ["the shop's assumptions"])
	];
}
