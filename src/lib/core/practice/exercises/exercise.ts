import type { BeamPattern } from '../../beam';
import type { LampCategory } from '../../lamps';
import type { Chance } from '../chance';
import type { Made } from '../made';

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
	minutes: number;
	words: string;
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
	| { kind: 'beams'; before: BeamPattern; after: BeamPattern };

/** A question as it is put to a person: nothing of it says the answer. */
export interface Question {
	task: string;
	given: readonly { label: string; value: string }[];
	drawing: Drawing | null;
	choices: readonly Choice[];
	/** Asked for the reason as well; null where the answer says it. */
	reason: { question: string; choices: readonly Choice[] } | null;
}

/** A question with what the core knows of it. */
export interface Posed {
	question: Question;
	/** By the id of the choice: all of them. */
	judged: Readonly<Record<string, Judged>>;
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

export const RIGHT: Judged = { outcome: 'right', opened: [], cost: null };
