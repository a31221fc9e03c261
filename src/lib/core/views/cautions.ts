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

/** Cautions that stand on every kit sheet. */
export const CAUTIONS: readonly string[] = [
	'Lights off, key out, lamps cold before a hand goes in. Halogen glass burns skin for minutes after it was lit.',
	'Never raise the rating of a fuse. A lamp that blows one is wired wrong: take it out.',
	'Load resistors pass 100 C: bolt them to bare metal, 50 mm from plastic, hose, wire and trim; never tape them to a loom.',
	'Keep clear of airbags and their yellow plugs; disconnect the battery as the vehicle handbook says.',
	'Test every mode before the lamp unit goes back, and check the aim on a wall before driving at night.',
	'LED light sources may need an approval of their own. Check local rules; a licensed workshop or the inspection body decides.'
];
