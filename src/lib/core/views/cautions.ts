import type { HeadlampPolicy, Policy, PolicyException } from '../model';

/** The shop's policy in words, as it stands on every kit. */
export const POLICY_WORDS: Record<HeadlampPolicy, string> = {
	'signals-only': 'Signals and cabin only: headlamps stay halogen.',
	projectors: 'Projectors only: LED in projector headlamps, not in reflectors.',
	proved: 'Projector and reflector, proved: LED where a beam check is on record for the lamp type.'
};

/** The policy that a kit was worked out by, as sentences: the shop's, and the words of a signed exception. */
export function policySentences({ headlamps, fog }: Policy, exception?: PolicyException): string[] {
	return [
		`Shop policy: ${POLICY_WORDS[headlamps]}${fog ? ` Fog lamps: ${POLICY_WORDS[fog]}` : ''}`,
		...(exception
			? [`Exception from it for this kit, signed by ${exception.by} on ${exception.on}: “${exception.words}”.`]
			: [])
	];
}
