import { triedHere } from '../../cases';
import type { Criterion } from '../criterion';

/** How tests of every mode went with the lamp on this vehicle. */
export const triedCriterion: Criterion = {
	id: 'tried',
	label: 'Tried on this vehicle',
	weight: 2,
	how: () =>
		'every test without a message is full, every one with a message nothing; a lamp never tried here does not count',
	points: (socket, product) => {
		const tried = product.field.length === 0 ? null : triedHere(socket, product);
		return tried && tried.quiet / (tried.quiet + tried.complained);
	},
	shown: (socket, product) => {
		const tried = triedHere(socket, product);
		return tried ? `no message, ${tried.quiet} of ${tried.quiet + tried.complained}` : 'never tried here';
	}
};
