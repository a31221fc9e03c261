import { categoryOrNull, ruleFamily } from '../../lamps';
import { knownLens } from '../../optics';
import type { ChannelCase, SocketCase } from '../cases';

/** A place in the making, of the facts a rule reads and no other. */
export type Draft = Partial<Omit<SocketCase, 'socket' | 'configuration'>> & {
	socket: Record<string, unknown>;
	configuration: Record<string, unknown>;
};

/** One fact of a place: its value as plain data, and the way back into a place. */
interface PlaceFactKind<T> {
	of: (place: SocketCase) => T;
	into: (draft: Draft, value: T) => void;
}

const fact = <T>(of: PlaceFactKind<T>['of'], into: PlaceFactKind<T>['into']): PlaceFactKind<T> => ({ of, into });

/** A measured length of the envelope. */
const room = <
	K extends 'frontLength' | 'frontDiameter' | 'opening' | 'rearDepth' | 'rearDiameter' | 'holderLength' | 'entry'
>(
	name: K
) =>
	fact(
		({ socket }) => socket.envelope?.[name],
		({ socket }, value) => {
			socket.envelope = { ...(socket.envelope as object | undefined), [name]: value };
		}
	);

/** A fact of the socket itself. */
const own = <K extends 'functions' | 'zone' | 'wiring' | 'retention' | 'keyAngle' | 'optic'>(name: K) =>
	fact(
		({ socket }) => socket[name],
		({ socket }, value) => {
			socket[name] = value;
		}
	);

const NO_NAME = '' as ChannelCase['channel']['id'];

/** An output without its names, which no verdict hangs on. */
const nameless = ({ channel: { feed, fuse, assumed }, ...rest }: ChannelCase): ChannelCase => ({
	channel: { feed, fuse, assumed, id: NO_NAME, message: undefined, feeds: [] },
	...rest
});

/** Vehicles that some accessory on sale is made for by name; null where no such part bears on this one. */
function madeFor({ configuration: { make, model }, shop }: SocketCase): [make: string, model: string] | null {
	const isNamed = shop.accessories.some(({ fits }) => fits?.families?.includes(`${make} ${model}`));
	return isNamed ? [make, model] : null;
}

/**
 * Everything of a place that a rule may name in `ofPlace`. A value is plain data: equal values make equal places, and a place made of them alone
 * is judged as the place they were read from. What was found of a product on a vehicle is no fact of the place.
 */
export const PLACE_FACTS = {
	category: fact(
		({ category }) => category.category,
		(draft, name) => {
			const category = categoryOrNull(name);
			if (category) draft.category = category;
		}
	),
	functions: own('functions'),
	zone: own('zone'),
	wiring: own('wiring'),
	retention: own('retention'),
	keyAngle: own('keyAngle'),
	optic: own('optic'),
	frontLength: room('frontLength'),
	frontDiameter: room('frontDiameter'),
	opening: room('opening'),
	rearDepth: room('rearDepth'),
	rearDiameter: room('rearDiameter'),
	holderLength: room('holderLength'),
	entry: room('entry'),
	/** Only what kind of cap it is; what it does to heat is in `heat`. */
	cap: fact(
		({ socket }) => socket.cap?.kind,
		({ socket }, kind) => (socket.cap = kind && { kind })
	),
	lens: fact(
		({ socket }) => socket.lens,
		(draft, lens) => {
			draft.socket.lens = lens;
			draft.lens = knownLens(lens);
		}
	),
	outside: fact(
		({ outside }) => outside,
		(draft, outside) => (draft.outside = outside)
	),
	stockLumens: fact(
		({ stockLumens }) => stockLumens,
		(draft, lumens) => (draft.stockLumens = lumens)
	),
	stockRegion: fact(
		({ stockRegion }) => stockRegion,
		(draft, region) => (draft.stockRegion = region)
	),
	kind: fact(
		({ configuration }) => configuration.kind,
		({ configuration }, kind) => (configuration.kind = kind)
	),
	market: fact(
		({ configuration }) => configuration.market,
		(draft, market) => {
			draft.configuration.market = market;
			draft.family = ruleFamily(market);
		}
	),
	voltage: fact(
		({ voltage }) => voltage,
		(draft, voltage) => (draft.voltage = voltage)
	),
	outputs: fact(
		({ channels }) => channels.map(nameless),
		(draft, outputs) => (draft.channels = outputs)
	),
	/** Room for a module under the cap; asked for where a sealed cap closes over a pulsed feed. */
	moduleRoom: fact(
		({ socket: { cap, envelope }, channels }) =>
			cap?.kind === 'stock-sealed' && channels.some(({ channel }) => channel.feed?.kind === 'pwm')
				? { rearDepth: envelope?.rearDepth, rearDiameter: envelope?.rearDiameter }
				: undefined,
		({ socket }, envelope) => {
			socket.envelope = envelope;
		}
	),
	heat: fact(
		({ heat }) => heat,
		(draft, heat) => (draft.heat = heat)
	),
	madeFor: fact(madeFor, ({ configuration }, named) => {
		[configuration.make, configuration.model] = named ?? ['', ''];
	})
} as const satisfies Record<string, { of: (place: SocketCase) => unknown; into: (draft: Draft, value: never) => void }>;

export type PlaceFact = keyof typeof PLACE_FACTS;
