<script lang="ts">
	import { resolve } from '$app/paths';

	/** Papers and files of a kit. */
	let {
		vehicle,
		kit,
		code,
		revision,
		papers
	}: {
		vehicle: string;
		kit: string;
		code: string | null;
		revision: number;
		papers: readonly { name: string; label: string; contents: string }[];
	} = $props();

	const where = $derived({ id: vehicle, kit });
	const asked = $derived(code ? `revision=${revision}` : '');
</script>

<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind them) -->
<h2>Papers</h2>
<table class="grid-table">
	<caption class="sr-only">Papers of this kit as PDF</caption>
	<tbody>
		{#each papers as { name: paper, label, contents } (paper)}
			{@const address = resolve('/vehicles/[id]/kit/[kit]/[paper].pdf', { ...where, paper })}
			<tr>
				<th scope="row" class="whitespace-normal!">{label}<span class="block text-sm font-normal">{contents}</span></th>
				<td class="number"
					><a class="link" href={`${address}?${asked}`} download aria-label={`${label}, PDF, A4`}>A4</a>
					<a class="link ml-3" href={`${address}?paper=letter&${asked}`} download aria-label={`${label}, PDF, Letter`}
						>Letter</a
					></td
				>
			</tr>
		{/each}
	</tbody>
</table>
<div class="mt-2 flex flex-wrap gap-2">
	<a class="button" href={`${resolve('/vehicles/[id]/kit/[kit]/sheet', where)}?${asked}`}>Sheet on screen</a>
	<a class="button" href={`${resolve('/vehicles/[id]/kit/[kit]/kit.csv', where)}?${asked}`} download>CSV</a>
	<a class="button" href={`${resolve('/vehicles/[id]/kit/[kit]/kit.xlsx', where)}?${asked}`} download>XLSX</a>
	<a class="button" href={resolve('/vehicles/[id]/kit/[kit]/kit.json', where)} download>JSON</a>
</div>
{#if code}
	<p class="mt-2 text-sm">
		Customer's page, which the code on the label opens:
		<a class="link" href={resolve('/k/[code]', { code })}>{code}</a>
	</p>
{:else}
	<p class="mt-2 text-sm text-soft">A draft has no code: release it, and label and customer's page get one.</p>
{/if}
<!-- eslint-enable svelte/no-navigation-without-resolve -->
