<script lang="ts">
	import type { Preferences } from '$lib/core/match';

	/** What somebody wishes for the whole vehicle; it answers as soon as something is chosen, and stands in the address. */
	let {
		preferences,
		filament,
		makers
	}: { preferences: Preferences; filament: boolean; makers: { maker: string; served: number }[] } = $props();

	const WHITES = [3000, 4300, 5000, 6000];
	const send = (event: Event & { currentTarget: HTMLFormElement }) => event.currentTarget.requestSubmit();
</script>

<form
	class="mt-1 mb-3 flex flex-wrap items-center gap-x-4 gap-y-1"
	onchange={send}
	data-sveltekit-replacestate
	data-sveltekit-keepfocus
	data-sveltekit-noscroll
>
	<label class="flex min-h-8 items-center gap-2"
		><input type="checkbox" class="size-4" name="stock" checked={preferences.inStock} />only products in stock</label
	>
	<label class="flex min-h-8 items-center gap-2"
		><input type="checkbox" class="size-4" name="whole" checked={preferences.withoutParts} />nothing that needs a part</label
	>
	<label class="flex min-h-8 items-center gap-2"
		>one white
		<select class="field" name="kelvin" value={String(preferences.kelvin ?? '')}>
			<option value="">any</option>
			{#each WHITES as kelvin (kelvin)}<option value={String(kelvin)}>{kelvin} K throughout</option>{/each}
		</select></label
	>
	<label class="flex min-h-8 items-center gap-2"
		>one maker
		<select class="field" name="maker" value={preferences.maker ?? ''}>
			<option value="">any</option>
			{#each makers as { maker, served } (maker)}<option value={maker}>{maker}, alone serves {served}</option>{/each}
		</select></label
	>
	<label class="flex min-h-8 items-center gap-2"
		><input type="checkbox" class="size-4" name="filament" checked={filament} />whites as the vehicle stands</label
	>
	<noscript><button class="button">Answer</button></noscript>
</form>
