import type { Need } from '../../accessories';
import type { MatchCase, Verdict } from '../../match';
import type { Accessory, Product, Socket } from '../../model';
import type { WhitePoint } from '../../optics';
import { groupName } from '../../vehicle';
import type { Amounts, Weigh } from '../weigh/balance';

/** A part one socket needs before an option fits there, and what is on sale for it. */
export interface SocketNeed {
	socket: Socket;
	need: Need;
	parts: Accessory[];
}

/** One product for all sockets of a group. */
export interface Option {
	product: Product;
	verdict: Verdict;
	needs: SocketNeed[];
	/** What it is weighed by beside its price, all sockets together. */
	amounts: Amounts;
	/** What it costs beyond its amounts: a headlamp white that is not the shop's, minor units. */
	extra: number;
	/** Its white behind the lens of the group; null when it gives no white, or when that is not known. */
	white: WhitePoint | null;
	/** Equal for options a person would not tell apart. */
	look: string;
}

/** What choosing an option costs beside its packs, minor units. */
export const optionCost = ({ amounts, extra }: Option, weigh: Weigh): number => weigh(amounts) + extra;

/** Sockets that get the same lamp, and what may go there. */
export interface Group {
	sockets: Socket[];
	options: Option[];
	/** Set when nobody is to choose here: why. */
	open: string | null;
	/** True when a person chose. */
	fixed: boolean;
}

/** What a kit is worked out from: the same as a match. */
export type KitCase = MatchCase;

/** Name of a group, for sentences. @example "Low beam, both" */
export const nameOf = ({ sockets }: Pick<Group, 'sockets'>): string => groupName(sockets);
