import { fastenerText } from '../access';
import { inMarket } from '../lamps';
import type { FitUpStep, ModeCheck, PlannedFitUp } from '../fitup';
import type { Configuration } from '../model';
import { groupName, socketName, socketsInWalk, twinGroups } from '../vehicle';
import { accessPlaceName } from './access';

/** A mode that is switched on at a checkpoint, in words. */
export interface ModeCheckView {
	mode: string;
	label: string;
	/** What should be seen. */
	expect: string;
	/** What the dash should say. */
	dash: string;
}

/** A step as a screen or a sheet shows it. */
export interface StepView extends Omit<FitUpStep, 'modes' | 'fasteners'> {
	/** Places it is about, with their numbers on the wheel. */
	places: { id: string; name: string; number: number }[];
	fasteners: string[];
	modes: ModeCheckView[];
	/** What it should take, in words. */
	time: string;
}

/** The work of a kit as screens and sheets show it. */
export interface FitUpView {
	steps: StepView[];
	refit: StepView[];
	afterwards: StepView[];
	/** In and out, in words, with what is only assumed. */
	timeWords: string[];
	/** Minutes of all of it. */
	minutes: number;
	exact: boolean;
	tools: string[];
	ready: string[];
	cautions: string[];
	stops: string[];
	notRecorded: string[];
	unreachable: string[];
	/** What further lamps would add, the least first. */
	adds: { socket: string; name: string; minutes: number }[];
	/** Places by their numbers on the wheel. */
	key: { number: number; id: string; name: string }[];
}

/** A fit-up with nothing in it. */
export const EMPTY_FIT_UP: FitUpView = {
	steps: [],
	refit: [],
	afterwards: [],
	timeWords: [],
	minutes: 0,
	exact: true,
	tools: [],
	ready: [],
	cautions: [],
	stops: [],
	notRecorded: [],
	unreachable: [],
	adds: [],
	key: []
};

const upTo = (minutes: number) => `${Math.round(minutes * 10) / 10} min`;

/** Lamps in words, twins together. @example "Rear stop, both; Dome" */
function namesOf({ sockets }: Configuration, ids: readonly string[]): string {
	return twinGroups(sockets.filter(({ id }) => ids.includes(id)))
		.map(groupName)
		.join('; ');
}

function checkView(configuration: Configuration, check: ModeCheck): ModeCheckView {
	const { mode, label, lit, flashing, notKnown, flashPerMinute, messages } = check;
	const steady = lit.filter((id) => !flashing.includes(id));
	const rate = flashPerMinute === null ? '' : ` about ${Math.round(flashPerMinute)} a minute`;
	const seen = [
		steady.length > 0 ? `Lit: ${namesOf(configuration, steady)}.` : '',
		flashing.length > 0 ? `Flashing${rate}: ${namesOf(configuration, flashing)}.` : '',
		notKnown.length > 0
			? `Look whether these light, their power is not on record: ${namesOf(configuration, notKnown)}.`
			: ''
	].filter(Boolean);
	return {
		mode,
		label,
		expect: seen.join(' ') || 'Nothing of this job lights.',
		dash: messages.length > 0 ? `Says ${messages.map((message) => `“${message}”`).join(', ')}` : 'Says nothing'
	};
}

/** The work of a kit for showing, in the words of the vehicle's market: places named and numbered as they stand on the wheel. */
export function fitUpView(configuration: Configuration, planned: PlannedFitUp): FitUpView {
	const say = (text: string) => inMarket(text, configuration.market);
	const inJob = new Set(planned.steps.flatMap(({ sockets }) => sockets));
	const key = socketsInWalk(configuration)
		.filter(({ id }) => inJob.has(id))
		.map((socket, i) => ({ number: i + 1, id: socket.id as string, name: say(socketName(socket)) }));
	const numbered = new Map(key.map((entry) => [entry.id, entry]));
	const view = ({ modes, fasteners, ...step }: FitUpStep): StepView => ({
		...step,
		title: say(step.title),
		hand: step.hand.map(say),
		cautions: step.cautions.map(say),
		checkpoint: step.checkpoint === null ? null : say(step.checkpoint),
		places: step.sockets.flatMap((id) => numbered.get(id) ?? []),
		fasteners: fasteners.map(fastenerText),
		modes: modes.map((check) => checkView(configuration, check)),
		time: step.expected === null ? '' : upTo(step.expected)
	});
	const { minutes, assumedMinutes, defaultMinutes, fittingMinutes } = planned;
	const all = minutes + assumedMinutes + defaultMinutes;
	return {
		steps: planned.steps.map(view),
		refit: planned.refit.map(view),
		afterwards: planned.afterwards.map(view),
		timeWords: [
			`${upTo(all)} in and out${planned.exact ? ', the least that is on record' : ''}`,
			assumedMinutes > 0 ? `${upTo(assumedMinutes)} of it assumed: nobody timed it` : '',
			defaultMinutes > 0 ? `${upTo(defaultMinutes)} of it usual: nobody has recorded the way in` : '',
			`${upTo(fittingMinutes)} at lamps and parts`
		].filter(Boolean),
		minutes: all + fittingMinutes,
		exact: planned.exact,
		tools: planned.tools,
		ready: planned.ready.map(say),
		cautions: planned.cautions.map(say),
		stops: planned.stops.map(say),
		notRecorded: planned.notRecorded.map((id) => accessPlaceName(configuration, id)),
		unreachable: planned.unreachable.map(({ place, why }) => `${accessPlaceName(configuration, place)}: ${why}`),
		adds: planned.adds.map(({ place, minutes: more }) => ({
			socket: place,
			name: say(accessPlaceName(configuration, place)),
			minutes: more
		})),
		key
	};
}
