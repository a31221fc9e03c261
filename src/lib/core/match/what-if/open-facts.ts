import type { Configuration, SubjectKind } from '../../model';
import type { SocketCase } from '../cases';
import type { Finding } from '../findings/finding';

/** A fact of a record somebody could find out. */
export interface FactRef {
	subject: { kind: SubjectKind; id: string };
	fact: string;
}

const ofSocket = ({ socket }: SocketCase, fact: string): FactRef => ({
	subject: { kind: 'socket', id: socket.id },
	fact
});
const ofVehicle = ({ configuration }: SocketCase, fact: string): FactRef => ({
	subject: { kind: 'vehicle', id: configuration.id },
	fact
});
const ofChannel = (id: string, fact: string): FactRef => ({ subject: { kind: 'channel', id }, fact });

const isRecorded = ({ channels }: Configuration, id: string) => channels.some((c) => c.id === id);

/** What a look at the whole vehicle would tell of an output; null where that was looked at already. */
function look(s: SocketCase, fact: 'lampOutMessage' | 'headlampFeed'): FactRef | null {
	return s.configuration.looks?.[fact] === undefined ? ofVehicle(s, `looks.${fact}`) : null;
}

/** The fact of an output; of one that nobody recorded, the look that would stand for it. */
function ofOutput(
	s: SocketCase,
	channel: string,
	{ fact, instead }: { fact: string; instead: 'lampOutMessage' | 'headlampFeed' }
): FactRef[] | null {
	const first = look(s, instead);
	if (first) return [first];
	return isRecorded(s.configuration, channel) ? [ofChannel(channel, fact)] : null;
}

const MONITOR_FACT = {
	monitor: 'monitor.kind',
	'min-current': 'monitor.minCurrent',
	'max-ohm': 'monitor.maxOhm'
} as const;

function monitorFacts(s: SocketCase, { channel, missing }: { channel: string; missing: string }): FactRef[] | null {
	if (missing === 'flasher-threshold')
		return [{ subject: { kind: 'flasher', id: 'flasher' }, fact: 'thresholdCurrent' }];
	const fact = MONITOR_FACT[missing as keyof typeof MONITOR_FACT];
	return missing === 'monitor'
		? ofOutput(s, channel, { fact, instead: 'lampOutMessage' })
		: isRecorded(s.configuration, channel)
			? [ofChannel(channel, fact)]
			: null;
}

/** Both looks, as far as they were not taken: what an output nobody recorded needs. */
function looksFor(s: SocketCase): FactRef[] | null {
	const missing = [
		look(s, 'lampOutMessage'),
		s.socket.functions.some(needsSteadyFeed) ? look(s, 'headlampFeed') : null
	];
	const refs = missing.filter((ref) => ref !== null);
	return refs.length > 0 ? refs : null;
}

const needsSteadyFeed = (id: string) => ['low-beam', 'high-beam', 'fog', 'drl'].includes(id);

const FRONT = {
	length: 'envelope.frontLength',
	diameter: 'envelope.frontDiameter',
	opening: 'envelope.opening'
} as const;
const REAR = { depth: 'envelope.rearDepth', diameter: 'envelope.rearDiameter' } as const;

function driverFacts(s: SocketCase): FactRef[] {
	const { cap, envelope } = s.socket;
	if (cap?.kind === undefined) return [ofSocket(s, 'cap.kind')];
	const open = Object.values(REAR).filter(
		(path) => envelope?.[path.slice('envelope.'.length) as 'rearDepth'] === undefined
	);
	return open.map((fact) => ofSocket(s, fact));
}

/**
 * The facts of the record that would turn a doubt into an answer, by what was found; null where the record cannot help: the lamp's own data
 * are missing, or only a trial tells. A new doubt about a fact is one entry here.
 */
export function factsThatDecide(s: SocketCase, found: Finding): FactRef[] | null {
	switch (found.code) {
		case 'base.wiring.unknown':
			return found.data.whose === 'socket' ? [ofSocket(s, 'wiring')] : null;
		case 'base.festoon.unknown':
			return found.data.whose === 'holder' ? [ofSocket(s, 'envelope.holderLength')] : null;
		case 'size.front.unknown':
			return found.data.whose === 'socket' ? [ofSocket(s, FRONT[found.data.what])] : null;
		case 'size.rear.unknown':
			return found.data.whose === 'socket' ? [ofSocket(s, REAR[found.data.what])] : null;
		case 'size.held.unknown':
			return [ofSocket(s, 'retention')];
		case 'size.clock.unknown':
			return found.data.whose === 'socket' ? [ofSocket(s, 'keyAngle')] : null;
		case 'size.entry.unknown':
			return [ofSocket(s, 'envelope.entry')];
		case 'size.driver.unknown': {
			const facts = driverFacts(s);
			return facts.length > 0 ? facts : null;
		}
		case 'size.emission.end-in-bowl':
			return s.socket.optic === undefined ? [ofSocket(s, 'optic')] : null;
		case 'colour.lens-unknown':
			return [ofSocket(s, 'lens')];
		case 'law.optic-unknown':
			return [ofSocket(s, 'optic')];
		case 'electrics.supply-unknown':
			return [ofVehicle(s, 'voltage')];
		case 'electrics.no-channel':
			return looksFor(s);
		case 'electrics.feed-unknown':
			return ofOutput(s, found.data.channel, { fact: 'feed.kind', instead: 'headlampFeed' });
		case 'electrics.monitor-unknown':
			return monitorFacts(s, found.data);
		case 'electrics.draws-more':
			return isRecorded(s.configuration, found.data.channel) ? [ofChannel(found.data.channel, 'fuse')] : null;
		case 'base.contested':
		case 'size.contested':
		case 'colour.contested':
		case 'electrics.contested':
			return s.others.map(({ open: { question } }) => ({ subject: question.subject, fact: question.fact }));
		default:
			return null;
	}
}
