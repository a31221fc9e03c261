import type { Configuration } from '../model';
import { vehicleName } from '../vehicle';
import { edited, type Edit } from './edit';

/** What tells a configuration from others. */
export type Identity = Pick<
	Configuration,
	'make' | 'model' | 'names' | 'generation' | 'years' | 'body' | 'kind' | 'market' | 'steering' | 'options' | 'tells'
>;

/** The fields of an identity, in the order they are kept. */
export const IDENTITY_FIELDS = [
	'make',
	'model',
	'names',
	'generation',
	'years',
	'body',
	'kind',
	'market',
	'steering',
	'options',
	'tells'
] as const satisfies readonly (keyof Identity)[];

/** What a configuration says of its identity; fields that are not known are left out. */
export function identityOf(configuration: Configuration): Identity {
	const { make, model, names, generation, years, body, kind, market, steering, options, tells } = configuration;
	return { make, model, names, generation, years, body, kind, market, steering, options, tells };
}

/** Says anew what vehicle this is; fields left out are not known. */
export function identify(identity: Identity): Edit {
	return (configuration) => {
		const rest = Object.fromEntries(
			Object.entries(configuration).filter(([field]) => !(IDENTITY_FIELDS as readonly string[]).includes(field))
		);
		const { id, ...others } = rest;
		const next = { id, ...identity, ...others } as Configuration;
		return edited(next, `Identified as ${vehicleName(next)}`);
	};
}
