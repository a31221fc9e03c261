<script lang="ts">
	import type { Seen } from '$lib/core/lamps';

	/** What somebody sees of the lamp in their hand, chosen one by one; what is not chosen rules nothing out. */
	let { seen, onseen }: { seen: Seen; onseen: (seen: Seen) => void } = $props();

	type Question = { name: keyof Seen; label: string; answers: readonly [value: string | number, words: string][] };
	const HELD: Question = {
		name: 'mount',
		label: 'How is it held?',
		answers: [
			['flange', 'metal or plastic flange'],
			['bayonet', 'round cap with two pins'],
			['wedge', 'flat foot, pushed in'],
			['festoon', 'pointed caps at both ends']
		]
	};
	const PINS: readonly Question[] = [
		{
			name: 'round',
			label: 'The pins, seen from below',
			answers: [
				['opposite', 'opposite each other'],
				['angled', 'nearer on one side']
			]
		},
		{
			name: 'height',
			label: 'The pins, seen from the side',
			answers: [
				['level', 'level'],
				['offset', 'one higher']
			]
		}
	];
	const CONTACTS: Question = {
		name: 'contacts',
		label: 'Contacts',
		answers: [
			[1, 'one, or one pair'],
			[2, 'two, or two pairs']
		]
	};
	const GLASS: Question = {
		name: 'glass',
		label: 'Glass',
		answers: [
			['clear', 'clear'],
			['amber', 'amber'],
			['red', 'red']
		]
	};
	const questions = $derived([
		HELD,
		...(seen.mount === 'bayonet' ? PINS : []),
		...(seen.mount === 'festoon' ? [] : [CONTACTS]),
		GLASS
	]);
	const SIZES = [
		{ name: 'length', label: 'Length over all, mm' },
		{ name: 'across', label: 'Width of the glass, mm' }
	] as const;

	const answer = (name: keyof Seen, value: string | number) =>
		onseen({ ...seen, [name]: seen[name] === value ? undefined : value } as Seen);
	function size(name: 'length' | 'across', typed: string): void {
		const value = Number(typed.replace(',', '.'));
		onseen({ ...seen, [name]: typed.trim() !== '' && value > 0 ? value : undefined });
	}
</script>

<div class="grid gap-3">
	{#each questions as { name, label, answers } (name)}
		<div role="group" aria-label={label}>
			<p class="text-sm text-soft">{label}</p>
			<div class="flex flex-wrap gap-1">
				{#each answers as [value, words] (value)}
					<button type="button" class="chip" aria-pressed={seen[name] === value} onclick={() => answer(name, value)}
						>{words}</button
					>
				{/each}
			</div>
		</div>
	{/each}
	<div class="flex gap-3">
		{#each SIZES as { name, label } (name)}
			<label class="grid gap-0.5 text-sm text-soft"
				>{label}<input
					class="field w-32 text-right text-base text-ink"
					inputmode="decimal"
					value={seen[name] ?? ''}
					oninput={(event) => size(name, event.currentTarget.value)}
				/></label
			>
		{/each}
	</div>
</div>
