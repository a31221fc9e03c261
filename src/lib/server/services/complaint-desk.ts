import type { Knex } from 'knex';
import { driveOf, MODE_IDS, modeLabel, MODES, withAssumedOutputs } from '../../core/circuit';
import { SYMPTOMS } from '../../core/learn';
import type { Configuration, SymptomId } from '../../core/model';
import { socketName, vehicleName } from '../../core/vehicle';
import type { StoredComplaint } from '../repositories/complaints';
import { configurationNames, findConfiguration } from '../repositories/configurations';
import { findFitting } from '../repositories/fittings';
import { findRevision } from '../repositories/kit-revisions';
import { findProducts } from '../repositories/products';
import type { FrozenKit } from './kits/life';

/** What a complaint may be filed about, as far as it was said where it comes from. */
export interface DeskAbout {
	configuration?: string | undefined;
	code?: string | undefined;
	fitting?: string | undefined;
}

/** Everything the desk offers: symptoms, and modes and lamps of the vehicle. */
export interface DeskView {
	about: { id: string; name: string } | null;
	code: string | null;
	fitting: string | null;
	choices: {
		id: SymptomId;
		label: string;
		group: 'light' | 'flashing' | 'dash' | 'beam' | 'body';
		modes: readonly string[];
	}[];
	modes: { id: string; label: string }[];
	places: { id: string; name: string }[];
	/** Why what was named is not there, in words. */
	missing: string | null;
}

/** Modes in which something of a vehicle is fed, and all off. */
function modesOf(configuration: Configuration | null): DeskView['modes'] {
	const full = configuration && withAssumedOutputs(configuration);
	const does = (mode: (typeof MODE_IDS)[number]) =>
		mode === 'off' ||
		full === null ||
		full.channels.some((channel) => driveOf(full, channel, MODES[mode]).functions.length > 0);
	return MODE_IDS.filter(does).map((id) => ({ id, label: modeLabel(MODES[id]) }));
}

/** Symptoms to choose from. */
export const symptomChoices = (): DeskView['choices'] =>
	SYMPTOMS.filter(({ id }) => id !== 'fine').map(({ id, label, group, modes = [] }) => ({ id, label, group, modes }));

/** What the desk offers for a vehicle, a kit or a fitting. */
export async function showDesk(db: Knex, { configuration, code, fitting }: DeskAbout): Promise<DeskView> {
	const revision = code === undefined ? null : await findRevision(db, code);
	const at = fitting === undefined ? null : await findFitting(db, fitting);
	const id = configuration ?? at?.configurationId ?? (revision?.document as FrozenKit | undefined)?.configuration.id;
	const vehicle = id === undefined ? null : await findConfiguration(db, id);
	const missing =
		code !== undefined && !revision
			? `There is no released kit with the code “${code}”.`
			: fitting !== undefined && !at
				? `There is no fitting “${fitting}”.`
				: id !== undefined && !vehicle
					? `There is no vehicle “${id}” on record.`
					: null;
	return {
		about: vehicle ? { id: vehicle.id, name: vehicleName(vehicle) } : null,
		code: revision ? (code ?? null) : (at?.code ?? null),
		fitting: at?.id ?? null,
		choices: symptomChoices(),
		modes: modesOf(vehicle),
		places: (vehicle?.sockets ?? []).map((socket) => ({ id: socket.id, name: socketName(socket) })),
		missing
	};
}

/** A complaint as its list shows it. */
export interface ComplaintRow {
	id: string;
	state: StoredComplaint['state'];
	on: string;
	by: string | null;
	from: 'shop' | 'customer';
	vehicle: string;
	place: string | null;
	product: string | null;
	code: string | null;
	/** What was seen, and what was said. */
	symptoms: { id: SymptomId; label: string }[];
	words: string | null;
	settled: string | null;
}

const LABELS = new Map(SYMPTOMS.map(({ id, label }) => [id as string, label]));

/** Complaints with names in place of ids. */
export async function complaintRows(db: Knex, complaints: readonly StoredComplaint[]): Promise<ComplaintRow[]> {
	const names = await configurationNames(db, [...new Set(complaints.flatMap((one) => one.configuration ?? []))]);
	const products = new Map(
		(await findProducts(db, [...new Set(complaints.flatMap(({ product }) => product ?? []))])).map((one) => [
			one.id as string,
			`${one.maker} ${one.name}`
		])
	);
	return complaints.map((one) => ({
		id: one.id,
		state: one.state,
		on: one.on ?? '',
		by: one.by ?? null,
		from: one.from ?? 'shop',
		vehicle: one.configuration
			? (names.get(one.configuration) ?? `${one.configuration}, not on record`)
			: 'vehicle not named',
		place: one.socket ?? null,
		product: one.product ? (products.get(one.product) ?? one.product) : null,
		code: one.code ?? null,
		symptoms: (one.seen ?? []).flatMap(({ symptom, absent }) => {
			const label = LABELS.get(symptom);
			return label === undefined || absent ? [] : [{ id: symptom as SymptomId, label }];
		}),
		words: one.symptom ?? null,
		settled: one.settled ?? null
	}));
}
