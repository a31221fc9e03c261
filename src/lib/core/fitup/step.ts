import type { Fastener, Operation } from '../model';
import type { ModeCheck } from './checkpoints';

/** Kinds of steps, in the order they come. */
export type StepKind = 'prepare' | 'operation' | 'reach' | 'lamp' | 'part' | 'checkpoint' | 'refit' | 'after';

/** What a drawing beside a step shows. */
export type StepDrawing =
	/** How far and which way a lamp is turned in its collar, degrees, seen from the front. */
	| {
			kind: 'clock';
			key: number;
			emitter: number;
			turn: { degrees: number; direction: 'clockwise' | 'anticlockwise' } | null;
	  }
	/** Where the mark of a holder stands on the clock face, degrees clockwise from 12, seen from the front. */
	| { kind: 'mark'; at: number }
	/** Which wire of a part goes where. */
	| { kind: 'wires'; wires: { colour: string; to: string }[] };

/** One step of the work. */
export interface FitUpStep {
	/** The same for the same step of the same kit, whatever else changes: what was ticked is kept by it. */
	id: string;
	kind: StepKind;
	title: string;
	side: Operation['side'] | 'centre' | null;
	/** Lamp holders it is about. */
	sockets: string[];
	/** Id of the operation on record; null for every other step. */
	operation: string | null;
	/** How long it should take by itself, min; null where nobody can say. */
	expected: number | null;
	/** Recorded minutes of an operation, there and back; null where none are recorded. */
	minutes: number | null;
	/** Minutes taken where nobody recorded any. */
	assumedMinutes: number | null;
	tools: string[];
	fasteners: Fastener[];
	/** What the hand does, in order. */
	hand: string[];
	cautions: string[];
	drawing: StepDrawing | null;
	/** What is looked at before work goes on; null for a step that is no checkpoint. */
	checkpoint: string | null;
	/** Modes that are switched on at it, and what should light. */
	modes: ModeCheck[];
}

/** A step with nothing in it but what is given. */
export const step = (given: Pick<FitUpStep, 'id' | 'kind' | 'title'> & Partial<FitUpStep>): FitUpStep => ({
	side: null,
	sockets: [],
	operation: null,
	expected: null,
	minutes: null,
	assumedMinutes: null,
	tools: [],
	fasteners: [],
	hand: [],
	cautions: [],
	drawing: null,
	checkpoint: null,
	modes: [],
	...given
});
