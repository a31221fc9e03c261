import type { CheckRule } from '../rule';

/** Somebody answers for it by name. */
export const signedRule: CheckRule = {
	id: 'signed',
	label: 'Signed',
	asks: 'every-lamp',
	judge: ({ by }) => ({
		isMet: by && by.trim() !== '' ? true : null,
		measured: by?.trim() ? by.trim() : 'nobody yet',
		required: 'the name of who measured'
	})
};
