import type { Socket } from '../exchange';
import { lampFunction } from '../lamps';
import { describe, LIGHT_SHARE, matchSocket, socketCase, type Candidate, type SocketCase } from '../match';
import { monitorChecks } from '../circuit';
import type { KitCase } from './options';

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

function load({ configuration, socket, channels }: SocketCase): string[] {
	const own = new Set(channels.map((c) => c.channel.id));
	const checks = monitorChecks(configuration).filter((check) => check.channels.some((c) => own.has(c.id)));
	return checks.length > 0 && socket.functions.length > 0
		? [`with a load of its own or a part for it (${checks.map((c) => c.words).join('; ')})`]
		: [];
}

/** A lamp that comes nearest: the fewest findings that do not pass, refusals counting most. */
function nearest(candidates: readonly Candidate[]): { candidate: Candidate; why: string } | null {
	const leds = candidates.filter((c) => c.product.kind !== 'halogen');
	const weight = { pass: 0, needs: 1, unknown: 3, refuse: 10 } as const;
	const ranked = leds
		.slice(0, 60)
		.map((candidate) => ({
			candidate,
			bad: candidate.findings.reduce((sum, f) => sum + weight[f.level], 0)
		}))
		.sort((a, b) => a.bad - b.bad);
	const [best] = ranked;
	const worst = best?.candidate.findings.filter((f) => f.level === 'refuse' || f.level === 'unknown') ?? [];
	if (!best || worst.length === 0) return null;
	return {
		candidate: best.candidate,
		why: worst
			.slice(0, 2)
			.map((f) => describe(f).why)
			.join('; ')
	};
}

/**
 * The product that would close an open socket, in words: what it has to be by every rule that can be said beforehand, and the lamp on sale
 * that comes nearest with what it lacks. Null where nothing can be matched.
 */
export function wantedFor({ configuration, catalogue, shop }: KitCase, socket: Socket): string | null {
	const prepared = socketCase(configuration, socket, shop, catalogue.through);
	if (!prepared) return null;
	const two = socket.functions.length > 1 ? 'two-function ' : '';
	const asked = [...room(prepared), ...light(prepared), ...load(prepared)];
	const spec = `a ${[colours(prepared), `${two}LED for ${prepared.category.category}`].filter(Boolean).join(' ')}`;
	const near = nearest(matchSocket(configuration, socket, catalogue, shop).candidates);
	const nearText = near ? ` Nearest on record: ${near.candidate.product.name}, but ${near.why}.` : '';
	return `${[spec, ...asked].join(', ')}.${nearText}`;
}
