import type { Knex } from 'knex';
import type { Configuration } from '../../core/model';
import { differences, narrow, readVin, type Answers, type Difference, type VinParts } from '../../core/identify';
import { vehicleView, type VehicleView, type VinView } from '../../core/views';
import { findConfigurations } from '../repositories/configurations';
import { searchIds } from '../repositories/search';
import type { VinReading, VinService } from '../stand-ins/vin';

const MAX_CANDIDATES = 60;
const MAX_COMPARED = 6;
const MAX_SHOWN = 20;
const YEARS_AHEAD = 1;

/** Where a search for a vehicle stands. */
export interface Identification {
	/** What is wrong with the line, if anything. */
	problem: string | null;
	slips: string[];
	vin: VinView | null;
	found: number;
	/** True when more answer than are looked at. */
	more: boolean;
	/** How many are possible, and the first of them. */
	left: number;
	possible: VehicleView[];
	next: { id: string; text: string; answers: { id: string; text: string }[] } | null;
	answered: { id: string; text: string; answer: string }[];
	/** What the vehicles that are left differ in. */
	differences: Difference[];
}

const NOTHING: Identification = {
	problem: null,
	slips: [],
	vin: null,
	found: 0,
	more: false,
	left: 0,
	possible: [],
	next: null,
	answered: [],
	differences: []
};

/** True when nothing a decoder says speaks against a configuration. */
function agreesWith(c: Configuration, reading: VinReading, year: number | null): boolean {
	const fields = (['make', 'model', 'generation', 'body', 'market', 'steering'] as const).every(
		(field) => reading[field] === undefined || c[field] === undefined || c[field] === reading[field]
	);
	const options = Object.entries(reading.options ?? {}).every(
		([key, value]) => c.options?.[key] === undefined || c.options[key] === value
	);
	const inYears = year === null || !c.years || (c.years[0] <= year && year <= c.years[1]);
	return fields && options && inYears;
}

async function byVin(
	db: Knex,
	parts: VinParts,
	service: VinService
): Promise<{ vin: VinView; found: Configuration[] }> {
	const base = { vin: parts.vin, service: service.name, simulated: service.simulated, checkDigit: parts.checkDigit };
	try {
		const reading = await service.decode(parts);
		const year = reading?.year ?? parts.years[0] ?? null;
		if (!reading) return { vin: { ...base, year, says: null, trouble: null }, found: [] };
		const says = [reading.make, reading.model, reading.generation, ...Object.values(reading.options ?? {})];
		const { ids } = await searchIds(db, [reading.make, reading.model], MAX_CANDIDATES);
		const found = (await findConfigurations(db, ids)).filter((c) => agreesWith(c, reading, year));
		return { vin: { ...base, year, says: says.filter(Boolean).join(', '), trouble: null }, found };
	} catch {
		const trouble = `${service.name} did not answer; search by make and model instead.`;
		return { vin: { ...base, year: parts.years[0] ?? null, says: null, trouble }, found: [] };
	}
}

/** A line that is meant as a vehicle identification number: one long run of letters and digits with some of each. */
function looksLikeVin(line: string): boolean {
	const bare = line.replace(/[\s-]/g, '');
	return bare.length >= 14 && /^[A-Za-z0-9]+$/.test(bare) && /\d.*\d.*\d/.test(bare) && !/\s\S+\s/.test(line.trim());
}

async function find(db: Knex, line: string, { service, now }: { service: VinService; now: string }) {
	if (!looksLikeVin(line)) {
		const { ids, read } = await searchIds(
			db,
			line
				.toLowerCase()
				.split(/[\s,/+]+/)
				.filter(Boolean),
			MAX_CANDIDATES
		);
		const slips = read.map(({ typed, as }) => `“${typed}” read as ${as.join(' or ')}`);
		return { problem: null, slips, vin: null, found: await findConfigurations(db, ids) };
	}
	const parts = readVin(line, Number(now.slice(0, 4)) + YEARS_AHEAD);
	if (!parts.ok) return { problem: parts.error, slips: [], vin: null, found: [] };
	return { problem: null, slips: [], ...(await byVin(db, parts.value, service)) };
}

/**
 * Finds the configuration of a vehicle: by words or a vehicle identification number, then by the answers to what can be seen.
 * @param now time stamp, ISO; sets the latest model year a number can mean
 */
export async function identifyVehicle(
	db: Knex,
	{ line, answers, now }: { line: string; answers: Answers; now: string },
	service: VinService
): Promise<Identification> {
	if (line.trim() === '') return NOTHING;
	const { problem, slips, vin, found } = await find(db, line, { service, now });
	const { possible, next, answered } = narrow(found, answers);
	const question = next && { id: next.id, text: next.text, answers: next.answers };
	const compared = possible.length > 1 && possible.length <= MAX_COMPARED ? differences(possible) : [];
	return {
		problem,
		slips,
		vin,
		found: found.length,
		more: found.length === MAX_CANDIDATES,
		left: possible.length,
		possible: possible.slice(0, MAX_SHOWN).map((c) => vehicleView(c)),
		next: question,
		answered,
		differences: compared
	};
}

/** Vehicles side by side, and what they differ in. */
export async function compareVehicles(db: Knex, ids: readonly string[]) {
	const configurations = await findConfigurations(db, ids);
	return { vehicles: configurations.map((c) => vehicleView(c)), differences: differences(configurations) };
}
