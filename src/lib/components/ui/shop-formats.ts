import { getContext, hasContext, setContext } from 'svelte';
import {
	amount,
	dayIn,
	DEFAULT_CURRENCY,
	keptMeasure,
	measureText,
	measureUnit,
	momentIn,
	money,
	shownMeasure,
	writtenDay,
	type Currency,
	type DateStyle,
	type Measure,
	type MeasureSystem,
	type MeasureUnit,
	type TimeZone
} from '$lib/core/quantity';

/** What amounts, times and measures of the shop are written in. */
export interface ShopSetting {
	currency: Currency;
	timeZone: TimeZone;
	measures: MeasureSystem;
	dates: DateStyle;
}

/** Amounts and times as the shop writes them. */
export interface ShopFormats {
	/** An amount without its currency, for a column that names it. */
	price: (minor: number) => string;
	money: (minor: number) => string;
	/** Day, and day with time, where the shop stands; nothing for nothing. */
	day: (instant: string | null | undefined) => string;
	moment: (instant: string | null | undefined) => string;
	/** A day that is kept as `YYYY-MM-DD`, as the shop writes it. */
	date: (day: string | null | undefined) => string;
	/** A kept measure (lx, m, mm, C) in words, in the unit of the shop; and there and back for fields. */
	measure: (measure: Measure, kept: number) => string;
	unit: (measure: Measure) => MeasureUnit;
	shown: (measure: Measure, kept: number) => number;
	kept: (measure: Measure, shown: number) => number;
}

const KEY = Symbol('shop formats');
/** What a component drawn by itself is written in. */
const ALONE: ShopSetting = { currency: DEFAULT_CURRENCY, timeZone: 'UTC', measures: 'metric', dates: 'iso' };

/** Hands the shop's currency and time zone to every component below. */
export function provideShop(setting: () => ShopSetting): void {
	setContext(KEY, setting);
}

const settingHere = (): (() => ShopSetting) => (hasContext(KEY) ? getContext<() => ShopSetting>(KEY) : () => ALONE);

/** Hands another currency to every component below: a kit keeps the one it was released in. */
export function provideCurrency(currency: () => Currency): void {
	const around = settingHere();
	provideShop(() => ({ ...around(), currency: currency() }));
}

/** How amounts and times are written here. */
export function shopFormats(): ShopFormats {
	const setting = settingHere();
	const written = (day: string) => writtenDay(day, setting().dates);
	return {
		price: (minor) => amount(minor, setting().currency),
		money: (minor) => money(minor, setting().currency),
		day: (instant) => (instant ? written(dayIn(instant, setting().timeZone)) : ''),
		date: (day) => (day ? written(day) : ''),
		moment: (instant) => (instant ? written(momentIn(instant, setting().timeZone)) : ''),
		measure: (measure, kept) => measureText(measure, setting().measures, kept),
		unit: (measure) => measureUnit(measure, setting().measures),
		shown: (measure, kept) => shownMeasure(measure, setting().measures, kept),
		kept: (measure, shown) => keptMeasure(measure, setting().measures, shown)
	};
}
