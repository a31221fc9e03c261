import type { ClaimCheck } from '../claim';

/** An ingress code has two digits, either of which may be X, and perhaps a letter. Source: IEC 60529. */
const CODE = /^IP[0-9X]{2}[A-HMSW]?$/i;

/** Ingress protection is a number; "waterproof" is none. */
export const ingressClaim: ClaimCheck = ({ ip }) => {
	if (ip === undefined) return null;
	const code = CODE.test(ip.replace(/\s/g, ''));
	return {
		claim: 'ingress',
		level: code ? 'plausible' : 'doubtful',
		claimed: ip,
		derated: code ? '' : 'no protection known',
		why: code ? 'A code of the standard.' : 'Not a code such as IP67, so it says nothing that was tested.'
	};
};
