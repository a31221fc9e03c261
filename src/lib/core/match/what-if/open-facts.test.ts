import { describe, expect, it } from 'vitest';
import { demoDocument } from '../../../../../tests/support/demo';
import { makeShop } from '../../../../../tests/support/make';
import { randomFrom } from '../../../../../tests/support/random';
import type { Configuration } from '../../model';
import { withSubject } from '../../record';
import { valueAt, withValueAt } from '../../vehicle';
import { Candidate } from '../candidates/candidate';
import { compileCatalogue, matchSocket } from '../candidates/match';
import { socketCase } from '../cases';
import type { Finding } from '../findings/finding';
import { factsThatDecide, type FactRef } from './open-facts';

const demo = demoDocument();
const catalogue = compileCatalogue(demo.products.filter(({ kind }) => kind !== 'halogen'));
const shop = makeShop({ headlamps: 'projectors' }, demo.accessories);

const OF_SOCKET = [
	'lens',
	'optic',
	'wiring',
	'keyAngle',
	'retention',
	'cap',
	'envelope.frontLength',
	'envelope.frontDiameter',
	'envelope.opening',
	'envelope.rearDepth',
	'envelope.rearDiameter',
	'envelope.entry',
	'envelope.holderLength'
];
const OF_CHANNEL = ['feed', 'monitor', 'monitor.minCurrent', 'monitor.maxOhm', 'fuse'];

/** A record nobody disputes: each fact has one value. */
const undisputed = (configuration: Configuration): Configuration => ({
	...configuration,
	sockets: configuration.sockets.map(({ evidence: _e, ...socket }) => socket) as Configuration['sockets'],
	channels: configuration.channels.map(({ evidence: _e, ...channel }) => channel) as Configuration['channels']
});

/** A record with some of its facts taken away. */
function poorer(whole: Configuration, random: () => number): Configuration {
	const without = <T extends object>(from: T, facts: readonly string[]) =>
		facts.reduce((left, fact) => (random() < 0.4 ? withValueAt(left, fact, undefined) : left), from);
	return {
		...whole,
		...(random() < 0.3 ? { voltage: undefined, looks: undefined } : {}),
		sockets: whole.sockets.map((socket) => without(socket, OF_SOCKET)),
		channels: whole.channels.map((channel) => without(channel, OF_CHANNEL))
	} as Configuration;
}

const subjectIn = (configuration: Configuration, { kind, id }: FactRef['subject']): object | undefined =>
	kind === 'vehicle'
		? configuration
		: kind === 'flasher'
			? configuration.flasher
			: (kind === 'socket' ? configuration.sockets : configuration.channels).find((one) => one.id === id);

/** What a fact is in the whole record; undefined where it does not say either. */
const truth = (whole: Configuration, { subject, fact }: FactRef) => valueAt(subjectIn(whole, subject) ?? {}, fact);

const keyOf = ({ subject, fact }: FactRef) => `${subject.kind} ${subject.id} ${fact}`;
const doubtsOf = (candidate: Candidate) => candidate.findings.filter(({ level }) => level === 'unknown');
/** What a doubt is about: the same one is found again by it. */
const about = ({ code, data }: Finding) => {
	const { channel, what, whose, missing } = (data ?? {}) as Record<string, unknown>;
	return JSON.stringify([code, channel, what, whose, missing]);
};

describe('the facts that decide', () => {
	it('do: once they are known the doubt is gone, or asks for others', () => {
		let decided = 0;
		for (const [i, given] of demo.configurations.entries()) {
			const whole = undisputed(given);
			const random = randomFrom(40 + i);
			const poor = poorer(whole, random);
			for (const socket of poor.sockets) {
				const { candidates } = matchSocket({ configuration: poor, catalogue, shop }, socket);
				for (const candidate of candidates.filter(() => random() < 0.05)) {
					for (const doubt of doubtsOf(candidate)) {
						const refs = factsThatDecide(candidate.cases.socket, doubt);
						if (refs === null) continue;
						expect(refs.length, doubt.code).toBeGreaterThan(0);
						const known = refs.map((ref) => truth(whole, ref));
						if (known.includes(undefined)) continue;
						const richer = refs.reduce(
							(record, { subject, fact }, at) =>
								withSubject(record, subject, (one) => withValueAt(one, fact, known[at])) ?? record,
							poor
						);
						const now = richer.sockets.find(({ id }) => id === socket.id)!;
						const again = new Candidate(socketCase(richer, now, { shop })!, candidate.cases.product);
						const still = doubtsOf(again).find((one) => about(one) === about(doubt));
						const next = still && factsThatDecide(again.cases.socket, still);
						// What is still in doubt asks for something else, or for nothing of the record.
						const asked = new Set(refs.map(keyOf));
						for (const ref of next ?? [])
							expect(asked.has(keyOf(ref)), `${doubt.code} asks again for ${keyOf(ref)}`).toBe(false);
						decided += still ? 0 : 1;
					}
				}
			}
		}
		expect(decided).toBeGreaterThan(200);
	});

	it('ask for nothing that is on record', () => {
		for (const given of demo.configurations) {
			const whole = undisputed(given);
			for (const socket of whole.sockets)
				for (const candidate of matchSocket({ configuration: whole, catalogue, shop }, socket).candidates.slice(0, 12))
					for (const doubt of doubtsOf(candidate))
						for (const ref of factsThatDecide(candidate.cases.socket, doubt) ?? [])
							expect(truth(whole, ref), `${doubt.code}: ${keyOf(ref)}`).toBeUndefined();
		}
	});
});
