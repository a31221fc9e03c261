import { counted } from '../quantity';
import { type Configuration, type Socket, factsWithEvidence } from '../model';
import { edited, type Edit, type Witness } from '../record';
import { err } from '../result';
import { claim, socketName, socketsInWalk, valueAt, vehicleName } from '../vehicle';
import { withFacts } from './add';
import { factsOf } from './mirror';

/** What a sister configuration would add to or change in a record, one socket at a time. */
export interface SisterOffer {
	/** The sister's socket. */
	socket: Socket['id'];
	name: string;
	kind: 'new' | 'differs' | 'adds';
	facts: { fact: string; ours: unknown; theirs: unknown }[];
}

const same = (a: Socket, b: Socket) =>
	a.zone === b.zone && a.side === b.side && a.index === b.index && a.functions.join() === b.functions.join();

function offer(ours: Configuration, theirs: Socket): SisterOffer[] {
	const own = ours.sockets.find((socket) => same(socket, theirs));
	const facts = Object.keys(factsWithEvidence('socket')).flatMap((fact) => {
		const value = valueAt(theirs, fact);
		const mine = own ? valueAt(own, fact) : undefined;
		return value === undefined || JSON.stringify(value) === JSON.stringify(mine)
			? []
			: [{ fact, ours: mine, theirs: value }];
	});
	if (own && facts.length === 0) return [];
	const kind = !own ? 'new' : facts.some((f) => f.ours !== undefined) ? 'differs' : 'adds';
	return [{ socket: theirs.id, name: socketName(theirs), kind, facts }];
}

/** Everything a sister configuration could give to a record, in walking order, for a person to review one by one. */
export function sisterOffers(ours: Configuration, sister: Configuration): SisterOffer[] {
	return socketsInWalk(sister).flatMap((socket) => offer(ours, socket));
}

/** Takes the reviewed sockets of a sister over. What is copied is assumed: it was never seen on this vehicle. */
export function copyFromSister(
	sister: Configuration,
	accepted: readonly Socket['id'][],
	witness: Omit<Witness, 'source'>
): Edit {
	return (configuration) => {
		const by: Witness = { ...witness, source: 'assumed', note: `as in ${vehicleName(sister)}` };
		const chosen = sister.sockets.filter((socket) => accepted.includes(socket.id));
		if (chosen.length === 0) return err('No socket was chosen. Nothing was changed.');
		let sockets = configuration.sockets;
		for (const theirs of chosen) {
			const own = sockets.find((socket) => same(socket, theirs));
			if (own) {
				const claimed = Object.entries(factsOf(theirs)).reduce(
					(s, [fact, value]) =>
						JSON.stringify(valueAt(s, fact)) === JSON.stringify(value) ? s : claim('socket', s, { fact, value, ...by }),
					own
				);
				sockets = sockets.map((socket) => (socket === own ? claimed : socket));
			} else {
				const { id, zone, side, index, functions, names, state } = theirs;
				const free = sockets.some((s) => s.id === id) ? (`${id}.2` as Socket['id']) : id;
				const bare = { id: free, zone, side, index, functions, ...(names ? { names } : {}), state };
				sockets = [...sockets, withFacts(bare, factsOf(theirs), by)];
			}
		}
		return edited(
			{ ...configuration, sockets },
			`${counted(chosen.length, 'socket')} copied from ${vehicleName(sister)}`
		);
	};
}
