import { fearedBeam, type FearedBeam } from '../beam';
import { clockAdvice, clockError, depthNeeded, exceeds, type ClockAdvice } from '../fit';
import {
	ambientName,
	assumedRange,
	capState,
	resistanceName,
	secondsUntil,
	steadySpan,
	steadyTemperature,
	timeConstantId,
	type CapState,
	type HeatCase,
	type HeatSpan,
	type Range
} from '../heat';
import {
	isBeam,
	lampFunction,
	lampOutline,
	lightCentreOf,
	type LampCategory,
	type LampOutline,
	type Mount,
	type RuleFamily,
	type SignalColour
} from '../lamps';
import { capOptions, hasCutOff, heatBandOf, limitOf, type Candidate, type CapOption, type ScorePart } from '../match';
import { filamentSource, type Source } from '../optics';
import { assumedValue } from '../quantity';
import type { Lens, Product, Socket } from '../model';
import type { CandidateView } from './candidate';

/** A lamp in its cavity, mm: what a drawing to scale needs of both. */
export interface FitView {
	mount: Mount;
	room: NonNullable<Socket['envelope']>;
	capDepth: number | null;
	body: NonNullable<Product['size']>;
	/** Light centre of the category, where the filament stood. */
	lightCentre: number | null;
	/** Outline of the stock lamp, where its light centre places it; null where the table does not say how large it is or where that lies. */
	stock: { name: string; outline: LampOutline & { lightCentre: number } } | null;
	/** Depth taken behind the plane, air for a fan included. */
	behind: number | null;
	fan: boolean;
	driver: Product['driver'] | null;
	/** Whether it is too big in front of the reference plane, and behind it. */
	hits: { front: boolean; rear: boolean };
}

/** How a sided lamp stands when locked, degrees; angles are null where nobody knows them. */
export interface ClockView {
	key: number | null;
	emitter: number | null;
	collar: Product['collar'] | null;
	advice: ClockAdvice | null;
}

/** A light and the lens it leaves by, to be drawn and tried with other lenses. */
export interface LightView {
	source: Source | null;
	stock: Source;
	lens: Lens | null;
	family: RuleFamily | null;
	/** Colours asked for, by the function that asks. */
	asked: { function: string; colours: readonly SignalColour[] }[];
}

/** The heat of a lamp in its place, to be drawn and tried with other assumptions. */
export interface HeatView {
	/** The middle of the estimate, and its cool and hot ends. */
	heat: HeatCase;
	ends: { cool: HeatCase; hot: HeatCase };
	span: HeatSpan;
	timeConstant: number;
	/** C; `named` is false where the maker gives none and what every LED bears is taken. */
	limit: number;
	named: boolean;
	temperature: number;
	/** The cap the verdict stands on, and whether it is the one there today. */
	cap: CapState;
	capToday: boolean;
	/** Time until the middle passes its limit, s; null when it never does. */
	seconds: number | null;
	/** Which assumption of the shop stands behind each number; those of a range are named without their end. */
	assumptions: { ambient: string; resistance: string; cap: string; timeConstant: string };
	/** The ranges among them, as the shop has them. */
	ranges: { ambient: Range; resistance: Range };
}

/** The numbers behind a candidate, for drawings and charts. */
export interface CandidateDetail {
	/** What kind of beam to fear, where it throws one with a cut-off; null elsewhere. */
	beam: FearedBeam | null;
	fit: FitView;
	clock: ClockView | null;
	light: LightView;
	heat: HeatView | null;
	caps: CapOption[];
	score: ScorePart[];
}

/** A candidate with the numbers behind it, as Match shows it. */
export interface MatchCandidateView extends CandidateView {
	detail: CandidateDetail;
}

/** A lamp whose white is seen beside this one. */
export interface NeighbourView {
	name: string;
	sight: string;
	white: { cct: number; duv: number } | null;
}

type Cases = Candidate['cases'];

/** The stock lamp in outline; the base of it is schematic, so only its light centre says where it stands. */
function stockOf(category: LampCategory): FitView['stock'] {
	const { lightCentre, isToScale, ...outline } = lampOutline(category);
	return lightCentre !== null && isToScale
		? { name: category.category, outline: { ...outline, isToScale, lightCentre } }
		: null;
}

function fitOf({ socket: { socket, category }, product: { product } }: Cases): FitView {
	const { size = {}, cooling, driver } = product;
	const room = socket.envelope ?? {};
	const behind = size.rearLength === undefined ? null : depthNeeded(size.rearLength, cooling);
	return {
		mount: category.mount,
		room,
		capDepth: socket.cap && socket.cap.kind !== 'none' ? (socket.cap.depth ?? 0) : null,
		body: size,
		lightCentre: category.lightCentre?.mm ?? null,
		stock: stockOf(category),
		behind,
		fan: cooling === 'fan',
		driver: driver ?? null,
		hits: {
			front:
				exceeds(size.frontLength ?? size.length, room.frontLength ?? room.holderLength) ||
				exceeds(size.frontDiameter, room.frontDiameter),
			rear: exceeds(behind, room.rearDepth) || exceeds(size.rearDiameter, room.rearDiameter)
		}
	};
}

/** Only lamps that form a beam are clocked. */
function clockOf({ socket: { socket }, product: { product, lamp } }: Cases): ClockView | null {
	const beam = isBeam(socket.functions);
	if (!beam || lamp === 'filament' || (product.emission ?? 'sided') !== 'sided') return null;
	const { keyAngle: key } = socket;
	const { emitterAngle: emitter } = product;
	const known = key !== undefined && emitter !== undefined;
	return {
		key: key ?? null,
		emitter: emitter ?? null,
		collar: product.collar ?? null,
		advice: known ? clockAdvice({ key, emitter }, product.collar ?? 'fixed') : null
	};
}

function lightOf({ socket: s, product: { light } }: Cases): LightView {
	const { family, socket, configuration } = s;
	const asked = socket.functions.flatMap((id) => {
		const { label, colours } = lampFunction(id);
		return colours && family
			? [{ function: label, colours: colours({ family, zone: socket.zone, kind: configuration.kind }) }]
			: [];
	});
	return { source: light, stock: filamentSource(s.category), lens: s.lens ?? null, family, asked };
}

function heatOf(candidate: Candidate): HeatView | null {
	const {
		socket: s,
		product: { product, lamp }
	} = candidate.cases;
	const today = capState(s.socket.cap, s.category.mount);
	const remedy = candidate.findings.flatMap((f) => (f.code === 'heat.cap' ? f.data.state : []))[0];
	const cap = remedy ?? today;
	const band = lamp === 'led' ? heatBandOf(s, product, remedy) : null;
	if (!band) return null;
	const { middle: heat, cool, hot } = band;
	const timeConstant = assumedValue(s.assumed, timeConstantId(s.category));
	const { limit, named } = limitOf(s, product);
	const seconds = secondsUntil(heat, timeConstant, limit);
	const { mount, diameter } = s.category;
	return {
		heat,
		timeConstant,
		limit,
		named,
		cap,
		capToday: cap === today,
		temperature: steadyTemperature(heat),
		span: steadySpan(band),
		ends: { cool, hot },
		seconds,
		assumptions: {
			ambient: ambientName(s.heat.place),
			resistance: resistanceName({ mount, diameter }, product.cooling),
			cap: `heat.cap.${cap}`,
			timeConstant: timeConstantId(s.category)
		},
		ranges: {
			ambient: s.heat.ambient,
			resistance: assumedRange(s.assumed, resistanceName({ mount, diameter }, product.cooling))
		}
	};
}

/** A sketch of the beam an LED is to be feared of in the optic of a place. */
function beamOf({ socket: { socket, category, configuration }, product: { product, lamp } }: Cases): FearedBeam | null {
	const { optic, keyAngle } = socket;
	if (lamp === 'filament' || !hasCutOff(socket) || (optic !== 'reflector' && optic !== 'projector')) return null;
	const centre = lightCentreOf(category)?.mm;
	const own = product.size?.lightCentre;
	const isSet = product.collar === 'adjustable' || product.collar === 'removable';
	const error =
		keyAngle === undefined || product.emitterAngle === undefined
			? null
			: clockError({ key: keyAngle, emitter: product.emitterAngle });
	return fearedBeam({
		optic,
		lightCentre: centre === undefined || own === undefined ? null : own - centre,
		// A collar that turns is set right, and the wall shows whether it was.
		clocking: isSet ? 0 : error,
		emission: product.emission ?? null,
		rises: socket.functions.includes('low-beam') ? (configuration.steering === 'right' ? 'left' : 'right') : null
	});
}

/** The numbers behind a candidate. */
export function candidateDetail(candidate: Candidate): CandidateDetail {
	const { cases } = candidate;
	return {
		beam: beamOf(cases),
		fit: fitOf(cases),
		clock: clockOf(cases),
		light: lightOf(cases),
		heat: heatOf(candidate),
		caps: capOptions(cases.socket, cases.product),
		score: candidate.scoreParts
	};
}
