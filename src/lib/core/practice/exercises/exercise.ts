import type { BeamPattern } from '../../beam';
import type { LampCategory } from '../../lamps';
import type { WalkContext } from '../../walk';
import type { Chance } from '../chance';
import type { Made } from '../made';
import type { ScrewWall } from './screw-wall';

/** How an answer is scored. `lucky`: the answer stands, the reason does not. `too-careful`: nothing breaks, but a sale or light is lost. */
export const OUTCOMES = ['right', 'lucky', 'too-careful', 'wrong'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** One way to answer. */
export interface Choice {
	id: string;
	words: string;
	/** What its label or its sheet says. */
	detail?: string;
}

/** What would have said so: measured, required, why, and the source. */
export interface Opened {
	what: string;
	why: string;
	source: string;
}

/** What a mistake would have cost a customer. */
export interface Cost {
	/** Of somebody's time. */
	minutes: number;
	words: string;
	/** Parts and parcels, minor units; what the time costs comes on top. */
	parts?: number;
}

/** What the core says of one way to answer. */
export interface Judged {
	outcome: Outcome;
	opened: readonly Opened[];
	cost: Cost | null;
}

/** What is looked at beside the words. */
export type Drawing =
	| { kind: 'lamp'; category: LampCategory }
	| { kind: 'clock'; key: number; emitter: number }
	| { kind: 'lens'; colour: string; lens: string }
	| { kind: 'beams'; before: BeamPattern; after: BeamPattern }
	| { kind: 'fronts'; fronts: readonly LampFront[] }
	/** The vehicle as a wheel, with the places that are meant lit. */
	| { kind: 'wheel'; places: readonly string[] };

/** A lamp as it is seen from outside: its lens, what is behind it, and how it glows. */
export interface LampFront {
	words: string;
	lens: string;
	optic: string;
	/** Colour it glows in with everything on; null for one that stays dark. */
	glow: string | null;
}

/** Something that can be looked at or measured before an answer, at a cost. */
export interface Look {
	id: string;
	words: string;
	/** How it is done, where that is not plain. */
	how?: string;
	minutes: number;
}

/** What a look shows: in words, and drawn where it is seen. */
export interface Seen {
	words: string;
	fronts?: readonly LampFront[];
}

/** A pack that can be put into a kit. */
export interface PackOffer extends Choice {
	/** What is in it. */
	of: string;
	/** Pieces in it, and its price, minor units. */
	count: number;
	price: number;
}

/** How a question is answered. Whatever the way, what is sent is one text. */
export type AnswerForm =
	/** The id of one choice. */
	| { by: 'choice'; choices: readonly Choice[] }
	/** A walk-line. */
	| { by: 'line'; context: WalkContext }
	/** Ids in the order in which they are done, blanks between them. */
	| { by: 'order'; steps: readonly Choice[] }
	/** Quarter turns of the two adjusters, a blank between them. */
	| { by: 'screws'; wall: ScrewWall }
	/** How many of which pack, as `id=count`, blanks between them. */
	| { by: 'packs'; packs: readonly PackOffer[] };

/** A question as it is put to a person: nothing of it says the answer. */
export interface Question {
	task: string;
	given: readonly { label: string; value: string }[];
	drawing: Drawing | null;
	/** What may be looked at first; empty where everything is said. */
	looks: readonly Look[];
	answer: AnswerForm;
	/** Asked for the reason as well; null where the answer says it. */
	reason: { question: string; choices: readonly Choice[] } | null;
}

/** Screens on which the vehicle of an exercise can be looked at. */
export const ROOMS = ['record', 'match', 'circuit', 'kit', 'access', 'aim', 'reference'] as const;

/** Where the truth of an exercise is seen on the screens of the job. */
export interface Screen {
	room: (typeof ROOMS)[number];
	socket?: string;
}

/** A question with what the core knows of it. */
export interface Posed {
	question: Question;
	/**
	 * What an answer is worth, by what was looked at before it.
	 * @returns null for one that was not offered
	 */
	judge: (answer: string, looked: readonly string[]) => Judged | null;
	/** What a look shows; null for one that cannot be taken. */
	seen: (look: string) => Seen | null;
	/** What stands, in words. */
	standsFor: string;
	/** Minutes of looks that are enough for whoever looks at the best things first. */
	least: number;
	/** Where its truth is seen; null where no screen shows it. */
	screen: Screen | null;
	/** Reasons that hold; empty where none is asked for. */
	rightReasons: readonly string[];
}

/** A kind of exercise: a skill, and how a question of it is made from a vehicle. */
export interface ExerciseKind {
	/** What it trains, in words. */
	skill: string;
	/** Minutes somebody who knows it takes. */
	minutes: number;
	/** A question on a made vehicle; null where it has nothing to ask about. */
	pose: (made: Made, chance: Chance) => Posed | null;
}

/** What a minute of somebody's work costs, minor units. An assumption: 72.00 an hour. */
export const MINUTE_COSTS = 120;

/** A lamp and the parcel it comes in, and a parcel alone, minor units. Assumptions. */
export const LAMP_COSTS = 1590;
export const PARCEL_COSTS = 690;

/** What a mistake would have cost in money, minor units. */
export const costInMoney = ({ minutes, parts = 0 }: Cost): number => minutes * MINUTE_COSTS + parts;

export const RIGHT: Judged = { outcome: 'right', opened: [], cost: null };
