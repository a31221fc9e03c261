import {
	assumedOperations,
	inOrder,
	isAssumed,
	minutesOf,
	recordedMinutes,
	type AccessGraph,
	type AccessPlan,
	type Wanted
} from '../access';
import { strategyOf } from '../accessories';
import type { VehicleCircuit } from '../circuit';
import { lampMinutes } from '../kit';
import { categoryOrNull, isBeam } from '../lamps';
import type { Operation } from '../model';
import { socketName, twinKey } from '../vehicle';
import { cautionsFor, stopsFor } from './cautions';
import { modeChecks } from './checkpoints';
import { beamTurn } from './collar';
import type { Job, LampJob, PartJob } from './job';
import { holderMark } from './holder-mark';
import { lampHand } from './lamp-hints';
import { partPlaceWords } from './part-place-words';
import { readyFor } from './ready';
import { placesOfPart } from './wanted-places';
import { step, type FitUpStep } from './step';

/** The work of a job from the first look to the last one. */
export interface FitUp {
	/** In order: what is opened, fitted and looked at while all is open. */
	steps: FitUpStep[];
	/** What is closed again, in reverse. */
	refit: FitUpStep[];
	/** What is looked at when all is closed. */
	afterwards: FitUpStep[];
	/** Recorded minutes of the operations, there and back. */
	minutes: number;
	/** True when it is proven that no other way in takes less. */
	exact: boolean;
	/** Minutes taken for operations nobody timed, and for places nobody recorded the way to. */
	assumedMinutes: number;
	defaultMinutes: number;
	/** Minutes of the work at lamps and parts. */
	fittingMinutes: number;
	tools: string[];
	ready: string[];
	cautions: string[];
	/** Where somebody who fits at home stops. */
	stops: string[];
	notRecorded: string[];
	unreachable: AccessPlan['unreachable'];
}

/** What a job is worked out from. */
export interface FitUpCase {
	job: Job;
	graph: AccessGraph;
	wanted: readonly Wanted[];
	plan: AccessPlan;
	/** The vehicle as it will be; null where nobody has said what goes in. */
	circuit: VehicleCircuit | null;
}

function operationStep(operation: Operation): FitUpStep {
	const { off } = minutesOf(operation);
	const common = {
		title: operation.title,
		side: operation.side ?? null,
		tools: operation.tools ?? [],
		fasteners: operation.fasteners ?? [],
		cautions: operation.cautions ?? [],
		expected: off
	};
	if (isAssumed(operation))
		return step({
			...common,
			id: operation.id,
			kind: 'reach',
			sockets: operation.reaches ?? [],
			assumedMinutes: recordedMinutes(operation),
			hand: ['Nobody has recorded the way in: look before you pull, and note what came off, with what, in which order.']
		});
	const { assumed } = minutesOf(operation);
	return step({
		...common,
		id: `do ${operation.id}`,
		kind: 'operation',
		operation: operation.id,
		minutes: recordedMinutes(operation),
		assumedMinutes: assumed ? off * 2 - recordedMinutes(operation) : null
	});
}

const refitStep = (operation: Operation): FitUpStep =>
	step({
		id: `back ${operation.id}`,
		kind: 'refit',
		title: `Back: ${operation.title.charAt(0).toLowerCase()}${operation.title.slice(1)}`,
		side: operation.side ?? null,
		tools: operation.tools ?? [],
		fasteners: operation.fasteners ?? [],
		cautions: operation.cautions ?? [],
		expected: minutesOf(operation).on
	});

function lampStep({ socket, product }: LampJob, { parts }: Job): FitUpStep {
	const hasCap = parts.some(({ accessory, place }) => accessory.kind === 'cap' && place.socket === socket.id);
	const at = { socket, product, category: categoryOrNull(socket.category), hasCap };
	return step({
		id: `lamp ${socket.id}`,
		kind: 'lamp',
		title: product
			? `${socketName(socket)}: ${product.maker} ${product.name}`
			: `${socketName(socket)}: change the lamp`,
		side: socket.side,
		sockets: [socket.id],
		expected: product ? lampMinutes(product) : null,
		hand: lampHand(at),
		drawing: beamTurn(at)?.drawing ?? holderMark(socket)
	});
}

function partStep(job: Job, { accessory, place }: PartJob, number: number): FitUpStep {
	const { label, minutes, hand, caution } = strategyOf(accessory);
	const { wires = [] } = accessory;
	return step({
		id: `part ${accessory.id} ${place.socket ?? ''} ${place.channel ?? ''} ${number}`,
		kind: 'part',
		title: `${accessory.name ?? label}: ${partPlaceWords(job.configuration, place)}`,
		sockets: place.socket === undefined ? [] : [place.socket],
		expected: minutes,
		hand: [...hand, ...wires.map(({ colour, to }) => `${colour} to ${to}`)],
		cautions: caution ? [caution] : [],
		drawing: wires.length > 0 ? { kind: 'wires', wires: wires.map(({ colour, to }) => ({ colour, to })) } : null
	});
}

/** Steps of the work at each lamp and part, put behind the operation by which it can first be reached. */
function placed(fitCase: FitUpCase, order: readonly Operation[]): FitUpStep[] {
	const { job } = fitCase;
	let lamps: readonly LampJob[] = job.lamps;
	let parts = job.parts.map((part, i) => ({ part, step: partStep(job, part, i + 1) }));
	const reached = new Set<string>();
	const steps: FitUpStep[] = [];
	const takeParts = (isNow: (part: PartJob) => boolean) => {
		const now = parts.filter(({ part }) => isNow(part));
		steps.push(...now.map((item) => item.step));
		parts = parts.filter((item) => !now.includes(item));
	};
	const take = (all: boolean) => {
		for (const lamp of lamps.filter(({ socket }) => reached.has(socket.id))) {
			takeParts((part) => part.place.socket === lamp.socket.id && strategyOf(part.accessory).first === true);
			steps.push(lampStep(lamp, job));
		}
		lamps = lamps.filter(({ socket }) => !reached.has(socket.id));
		takeParts((part) => all || isReached(placesOfPart(job, fitCase.graph, part), reached));
	};
	for (const operation of order) {
		steps.push(operationStep(operation));
		for (const place of operation.reaches ?? []) reached.add(place);
		take(false);
	}
	take(true);
	return steps;
}

/** True when every place that a part touches can be reached. */
const isReached = (places: readonly Wanted[], reached: ReadonlySet<string>) =>
	places.length > 0 && places.every(({ id, anyOf = [id] }) => anyOf.some((place) => reached.has(place)));

const COMPARE =
	'One side first: is the new lamp as bright as the old one beside it, of the right colour, and does the dash stay quiet? If not, stop before the other side.';

/** The first side is looked at beside the second before that one is opened: after the last lamp before the first twin. */
function withCompare(steps: readonly FitUpStep[], { configuration }: Job): FitUpStep[] {
	const twins = new Map(configuration.sockets.map((socket) => [socket.id as string, twinKey(socket)]));
	const done = new Set<string>();
	let last = -1;
	for (const [i, one] of steps.entries()) {
		const key = one.kind === 'lamp' ? twins.get(one.sockets[0] ?? '') : undefined;
		if (key === undefined) continue;
		if (done.has(key) && last >= 0) {
			const compare = step({
				id: 'compare',
				kind: 'checkpoint',
				title: 'Look at both sides',
				hand: ['Connect it and switch on the modes of this lamp.'],
				checkpoint: COMPARE,
				expected: 2
			});
			return [...steps.slice(0, last + 1), compare, ...steps.slice(last + 1)];
		}
		done.add(key);
		last = i;
	}
	return [...steps];
}

const unique = (words: readonly string[]) => [...new Set(words)];

/**
 * The work of a job in steps: what is opened in the order of the plan, each lamp and part as soon as it can be reached, one side before the other,
 * a checkpoint before anything is closed, and all of it back in reverse.
 */
export function fitUp(fitCase: FitUpCase): FitUp {
	const { job, graph, plan, circuit } = fitCase;
	const { configuration } = job;
	const assumed = assumedOperations(configuration, plan.notRecorded);
	const order = inOrder([...plan.operations, ...assumed], { graph, sockets: configuration.sockets });
	const work = withCompare(placed(fitCase, order), job);
	const sockets = job.lamps.map(({ socket }) => socket.id as string);
	const inHand = { ...job, operations: order };
	const modes = circuit ? modeChecks(circuit, sockets) : [];
	const isBeamJob = job.lamps.some(({ socket }) => isBeam(socket.functions));
	const before = step({
		id: 'before',
		kind: 'prepare',
		title: 'Before anything is opened',
		hand: ['Switch all lights on once and note what works and what the dash says.', 'Lights off, key out, lamps cold.'],
		expected: 3
	});
	const check = step({
		id: 'check',
		kind: 'checkpoint',
		title: 'Before anything is closed',
		hand: ['Connect every lamp, key on, switch on one mode after the other, and look at lamps and dash.'],
		checkpoint: 'Every lamp lights as it should and the dash says what it should: only then it is closed.',
		modes,
		expected: 2 + modes.length * 0.5
	});
	const after = step({
		id: 'after',
		kind: 'after',
		title: 'When all is closed',
		hand: [
			'Every mode once more, with the engine running.',
			...(isBeamJob ? ['The beam on the wall, level ground, as heavy as it drives: cut-off and aim.'] : []),
			'Ten minutes with the lamps on, then every mode again: nothing flickers, nothing smells, the dash stays quiet.'
		],
		checkpoint: 'What was found goes on record.',
		expected: 15
	});
	const steps = [before, ...work, ...(sockets.length + job.parts.length > 0 ? [check] : [])];
	return {
		steps,
		refit: [...order].reverse().map(refitStep),
		afterwards: [after],
		minutes: plan.minutes,
		exact: plan.exact,
		assumedMinutes: plan.assumedMinutes,
		defaultMinutes: assumed.reduce((sum, operation) => sum + recordedMinutes(operation), 0),
		fittingMinutes: work.reduce(
			(sum, one) => sum + (one.kind === 'lamp' || one.kind === 'part' ? (one.expected ?? 0) : 0),
			0
		),
		tools: unique(order.flatMap(({ tools = [] }) => tools)),
		ready: readyFor(inHand),
		cautions: unique([...cautionsFor(inHand)]),
		stops: stopsFor(inHand),
		notRecorded: plan.notRecorded,
		unreachable: plan.unreachable
	};
}
