import type { KitScope } from '../model';
import type { CandidateView } from './candidate';
import type { SocketView } from './socket';

/** One answer at the counter: a place on a vehicle, and the best lamp for it. */
export interface CounterAnswer {
	place: string;
	socket: string;
	category: string | null;
	/** Why there is no lamp to name, if so. */
	open: string | null;
	best: CandidateView | null;
	/** What is not certain of the place, in words. */
	doubts: string[];
	/** Other candidates that are not refused. */
	others: number;
}

/** What the counter says to a line that was typed. */
export interface CounterReply {
	/** What the line was understood to ask, in words. */
	understood: {
		vehicle: string;
		functions: string[];
		side: string | null;
		zone: string | null;
		category: string | null;
		/** Market the vehicle was made for, where that was said. */
		market: string | null;
		/** What was read otherwise than typed, and what was passed over. */
		slips: string[];
	};
	/** The scope of the kit that was asked for; null when none was. */
	kit: KitScope | null;
	vehicles: { id: string; name: string; sockets: SocketView[]; answers: CounterAnswer[] }[];
}
