import { driveOf, isMode, MODES } from '../../circuit';
import { TEST_ROUNDS, type ProofOf, type Socket } from '../../model';
import type { ChannelCase } from './channel-case';
import { factsHere } from './field-facts';
import type { ProductCase } from './product-case';
import type { SocketCase } from './socket-case';

/** How tests of every mode went with a lamp fitted here, as far as an output is concerned. */
export interface TriedHere {
	/** Tests in which its message did not come, and in which it did. */
	quiet: number;
	complained: number;
}

type ModeTest = ProofOf<'mode-test'>;

/** True when a test tried, at once and again when warm, a mode that says something of an output: one it is on in, or all off for one that is checked while off. */
function looksAt({ configuration }: SocketCase, { channel }: ChannelCase, { lines }: ModeTest): boolean {
	const wantsOff = channel.monitor?.kind === 'cold';
	return TEST_ROUNDS.every((round) =>
		lines.some((line) => {
			if (line.round !== round || !isMode(line.mode)) return false;
			return (driveOf(configuration, channel, MODES[line.mode]).functions.length === 0) === wantsOff;
		})
	);
}

/** True when a part stood in the output, which would have kept its monitor content whatever the lamp. */
const hasPartIn = ({ channel }: ChannelCase, { parts }: ModeTest, sockets: ReadonlySet<string>) =>
	parts.some((part) => (part.channel ? part.channel === channel.id : !part.socket || sockets.has(part.socket)));

/** True when a plain lamp was taken out of it and the dash said nothing: its quiet proves nothing. */
const isDead = ({ channel }: ChannelCase, { control }: ModeTest) =>
	control?.complained === false && control.channel === channel.id;

/** True when every place of this category on the output had the lamp: one alone may pass where two do not. */
function wasWholeOutput(
	s: SocketCase,
	{ channel }: ChannelCase,
	{ test, product }: { test: ModeTest; product: string }
) {
	const on = new Set<string>(channel.feeds.map(({ socket }) => socket));
	const alike = s.configuration.sockets.filter(({ id, category }) => on.has(id) && category === s.socket.category);
	return alike.every(({ id }: Socket) => test.lamps[id] === product);
}

/**
 * How often an output was quiet, cold and warm, with a lamp fitted in all its places of this kind and nothing else in its way; and how often its
 * message came at all.
 */
export function triedOn(s: SocketCase, { record, field }: ProductCase, c: ChannelCase): TriedHere {
	const on = new Set<string>(c.channel.feeds.map(({ socket }) => socket));
	const tried: TriedHere = { quiet: 0, complained: 0 };
	const seen = new Set<string>();
	for (const { test } of factsHere(field, s, 'mode-test')) {
		if (seen.has(test.id)) continue;
		seen.add(test.id);
		if (test.lines.some(({ complained }) => complained.some((id) => id === c.channel.id))) tried.complained += 1;
		else if (
			looksAt(s, c, test) &&
			!isDead(c, test) &&
			!hasPartIn(c, test, on) &&
			wasWholeOutput(s, c, { test, product: record.id })
		)
			tried.quiet += 1;
	}
	return tried;
}

/** The same over all outputs of a place: quiet only where none of them complained. Null where it was never tried. */
export function triedHere(s: SocketCase, p: ProductCase): TriedHere | null {
	const every = s.channels.map((c) => triedOn(s, p, c));
	const complained = Math.max(0, ...every.map((one) => one.complained));
	const quiet = Math.min(Infinity, ...every.map((one) => one.quiet));
	if (!Number.isFinite(quiet) || quiet + complained === 0) return null;
	return { quiet, complained };
}
