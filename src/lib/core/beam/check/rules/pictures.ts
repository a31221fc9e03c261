import type { CheckRule } from '../rule';

/** Two pictures of the wall that may be held against each other. */
export const picturesRule: CheckRule = {
	id: 'pictures',
	label: 'Pictures of the wall',
	asks: 'with-cut-off',
	judge: ({ pictures }) => ({
		isMet: pictures ? (pictures.comparable ? true : null) : null,
		measured: pictures
			? pictures.comparable
				? 'before and after, they compare'
				: 'they do not compare'
			: 'none taken',
		required: 'before and after, from one place, exposed alike'
	})
};
