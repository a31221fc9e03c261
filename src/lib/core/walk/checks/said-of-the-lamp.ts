import { categoryOrNull } from '../../lamps';
import { impossible, type Check } from './check';

/** Nominal watts of a lamp are said in round numbers, and drawn at different voltages. */
const WATTS_APART = 0.35;

/** A cap or watts that a line says beside the category have to be those of the lamp; alone they say which lamp it is of no place. */
export const saidOfTheLamp: Check = ({ facts, said }) => {
	const [cap] = said?.caps ?? [];
	const [watts] = said?.watts ?? [];
	if (cap === undefined && watts === undefined) return null;
	const lamp = categoryOrNull(facts.category as string | undefined);
	if (!lamp) return impossible(`${cap ?? `${watts} W`} is said of several lamps: read which one it is off its base.`);
	const wrongCap = said?.caps.find((one) => !lamp.caps.includes(one));
	if (wrongCap !== undefined)
		return impossible(
			`${lamp.category} is made with a ${lamp.caps.join(' or ')} cap, and the line says ${wrongCap}. Read the lamp again.`
		);
	const drawn = [lamp.watts, lamp.wattsMinor].flatMap((own) => own ?? []);
	const wrong = said?.watts.find((one) => !drawn.some((own) => Math.abs(one - own) <= WATTS_APART * own));
	return wrong === undefined || drawn.length === 0
		? null
		: impossible(`${lamp.category} draws ${drawn.join(' / ')} W, and the line says ${wrong} W. Read the lamp again.`);
};
