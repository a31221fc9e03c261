import type { Socket } from '../../model';
import { lampFunction } from '../../lamps';
import { describe, LIGHT_SHARE, matchSocket, socketCase, type Candidate, type SocketCase } from '../../match';
import { monitorChecks, withAssumedOutputs } from '../../circuit';
import type { KitCase } from '../choices/group';

function colours({ socket, family }: SocketCase): string {
	const { zone } = socket;
	const wanted = socket.functions.flatMap((id) =>
		family ? (lampFunction(id).colours?.({ family, zone, kind: '' }) ?? []) : []
	);
	return [...new Set(wanted)].join(' or ');
}

function room({ socket, category }: SocketCase): string[] {
	const { frontLength, frontDiameter, rearDepth } = socket.envelope ?? {};
	const front =
		category.mount === 'festoon'
			? []
			: [
					...(frontLength === undefined ? [] : [`at most ${frontLength} mm long`]),
					...(frontDiameter === undefined ? [] : [`at most ${frontDiameter} mm wide`])
				];
	return category.mount === 'flange' && rearDepth !== undefined
		? [...front, `at most ${rearDepth} mm deep behind`]
		: front;
}

function light({ stockLumens, outside }: SocketCase): string[] {
	return outside && stockLumens !== null
		? [`at least ${Math.ceil(LIGHT_SHARE.enough * stockLumens)} lm behind the lens`]
		: [];
}

function load({ configuration, channels }: SocketCase): string[] {
	const own = new Set(channels.map((c) => c.channel.id));
	const checks = monitorChecks(withAssumedOutputs(configuration)).filter((check) =>
		check.channels.some((c) => own.has(c.id))
	);
	return checks.length > 0
		? [`with a load of its own or a part for it (${checks.map((c) => c.words).join('; ')})`]
		: [];
}

const WEIGHT = { pass: 0, needs: 1, unknown: 3, refuse: 10 } as const;
const MAX_LOOKED_AT = 60;

/** Findings a product has to answer: all that does not pass, but for what the shop's policy says. */
const against = ({ findings }: Candidate) =>
	findings.filter((f) => f.gate !== 'law' && (f.level === 'refuse' || f.level === 'unknown'));

const sentence = (text: string) =>
	text.replace(/\.+$/, '').replace(/^[A-Z](?![A-Z])/, (letter) => letter.toLowerCase());

/** The lamp that comes nearest: the fewest findings that do not pass, refusals counting most. Null when only the policy is against one. */
function nearest(candidates: readonly Candidate[]): { name: string; why: string } | 'policy' | null {
	const ranked = candidates
		.filter((c) => c.product.kind !== 'halogen')
		.slice(0, MAX_LOOKED_AT)
		.map((candidate) => ({
			candidate,
			bad: against(candidate).reduce((sum, f) => sum + WEIGHT[f.level], 0)
		}))
		.sort((a, b) => a.bad - b.bad);
	const [best] = ranked;
	if (!best) return null;
	const reasons = [...new Set(against(best.candidate).map((f) => sentence(describe(f).why)))];
	return reasons.length === 0 ? 'policy' : { name: best.candidate.product.name, why: reasons.slice(0, 2).join('; ') };
}

/**
 * The product that would close an open socket, in words: what it has to be by every rule that can be said beforehand, and the lamp on sale
 * that comes nearest with what it lacks. Null where nothing can be matched.
 */
export function wantedFor({ configuration, catalogue, shop }: KitCase, socket: Socket): string | null {
	const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
	if (!prepared) return null;
	const two = socket.functions.length > 1 ? 'two-function ' : '';
	const asked = [...room(prepared), ...light(prepared), ...load(prepared)];
	const spec = `a ${[colours(prepared), `${two}LED for ${prepared.category.category}`].filter(Boolean).join(' ')}`;
	const near = nearest(matchSocket({ configuration, catalogue, shop }, socket).candidates);
	if (near === 'policy')
		return 'no product: lamps on record would do, and only the policy of the shop is against them. An assembly, or a signed exception.';
	const nearText = near ? ` Nearest on record: ${near.name}, but ${near.why}.` : '';
	return `${[spec, ...asked].join(', ')}.${nearText}`;
}
