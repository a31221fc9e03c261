import type { ModeId } from '../../circuit';
import type { Configuration, SymptomId } from '../../model';
import type { When } from '../scene/bench';
import type { Played } from '../scene/simulations';

/** Where somebody looked. Nothing named: anywhere. */
export interface Place {
	socket?: string | undefined;
	side?: 'left' | 'right' | undefined;
	/** Outputs and lamps alone that may be looked at, beside what was named. */
	only?: { channels: ReadonlySet<string>; sockets: ReadonlySet<string> } | undefined;
}

/** A vehicle that is looked at in a mode. */
export interface Look {
	configuration: Configuration;
	mode: ModeId;
	place: Place;
	/** What it does, by mode, at once or warm. */
	does: (mode: ModeId, when: When) => Played;
	/** What it would do with every lamp it left the works with, and as recorded without a fault. */
	stock: (mode: ModeId) => Played;
	recorded: (mode: ModeId) => Played;
}

/** What people come back with. */
export interface Symptom {
	id: SymptomId;
	/** As a customer would say it. */
	label: string;
	/** The same as a question in the bay; `{place}` stands for where. */
	question: string;
	/** Group under which it is chosen. */
	group: 'light' | 'flashing' | 'dash' | 'beam' | 'body';
	/** Whether Circuit says it; null where it cannot be known. A symptom without it follows the table of the causes. */
	shows?: (look: Look) => boolean | null;
	/** True where it only comes now and then, so that a cause that comes and goes explains it best. */
	comesAndGoes?: boolean;
	/** True for what nobody overlooks and everybody reports. */
	striking?: boolean;
	/** Modes in which it is asked for first. */
	modes?: readonly ModeId[];
}
