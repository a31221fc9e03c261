<script lang="ts">
	import type { ColourMatrix, WhitePair } from '$lib/core/match';

	/** Whites of a vehicle against each other: a number where two are seen together, with its word by shape and text. */
	let { matrix, place }: { matrix: ColourMatrix; place: (socket: string) => string } = $props();

	/** Places seen together, from whichever side they are looked up. */
	const byPair = $derived(
		new Map(
			matrix.pairs.flatMap(
				(pair) =>
					[
						[`${pair.a} ${pair.b}`, pair],
						[`${pair.b} ${pair.a}`, pair]
					] as [string, WhitePair][]
			)
		)
	);
	const worst = $derived([...matrix.pairs].filter(({ word }) => word !== 'alike').sort((a, b) => b.mired - a.mired));
	const nameOf = (socket: string) => matrix.places.find((p) => p.socket === socket)?.name ?? socket;
	const SHAPE = { alike: '', noticed: 'dashed', mismatch: 'heavy' } as const;
</script>

{#if matrix.places.length === 0}
	<p>No two places of this vehicle show white light at the same time, as far as is known.</p>
{:else}
	<div class="relative overflow-x-auto">
		<table class="matrix">
			<caption class="sr-only">Mired apart, for places seen together</caption>
			<thead>
				<tr>
					<td></td>
					{#each matrix.places as column, i (column.socket)}<th scope="col"><abbr title={column.name}>{i + 1}</abbr></th
						>{/each}
				</tr>
			</thead>
			<tbody>
				{#each matrix.places as row, i (row.socket)}
					<tr>
						<th scope="row">
							<!-- eslint-disable-next-line svelte/no-navigation-without-resolve (resolved by the caller) -->
							<span class="number">{i + 1}</span> <a class="link" href={place(row.socket)}>{row.name}</a>
							<span class="lamp">{Math.round(row.white.cct)} K, {row.lamp}</span>
						</th>
						{#each matrix.places as column, j (column.socket)}
							{@const pair = byPair.get(`${row.socket} ${column.socket}`)}
							<td>
								{#if i === j}<span class="text-soft">·</span>
								{:else if pair}<span
										class={['cell', SHAPE[pair.word]]}
										title={`${row.name} and ${column.name}, ${pair.sight}: ${pair.word}`}
										>{Math.round(pair.mired)}<span class="sr-only"> mired, {pair.word}</span></span
									>{/if}
							</td>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<p class="mt-2 flex flex-wrap gap-4 text-sm text-soft">
		<span><span class="cell">8</span> alike</span><span><span class="cell dashed">18</span> noticed</span><span
			><span class="cell heavy">120</span> mismatch</span
		><span>empty: never seen together</span>
	</p>
	{#if worst.length > 0}
		<h3 class="mt-3 mb-1 font-medium">Widest apart</h3>
		<ul>
			{#each worst.slice(0, 6) as pair (`${pair.a} ${pair.b}`)}
				<li>{nameOf(pair.a)} and {nameOf(pair.b)}, {pair.sight}: {Math.round(pair.mired)} mired, {pair.word}.</li>
			{/each}
		</ul>
	{:else}<p class="mt-2">All whites that are seen together look alike.</p>{/if}
{/if}

<style>
	.matrix {
		border-collapse: collapse;
	}
	.matrix th[scope='row'] {
		text-align: left;
		font-weight: 500;
		padding: 2px 10px 2px 0;
		white-space: nowrap;
	}
	.lamp {
		display: block;
		max-width: 17rem;
		overflow: hidden;
		text-overflow: ellipsis;
		font-weight: 400;
		font-size: 0.85em;
		color: var(--soft);
	}
	.matrix td,
	.matrix thead th {
		text-align: center;
		min-width: 2.4rem;
		padding: 2px;
		font-weight: 400;
		color: var(--soft);
	}
	.number {
		color: var(--soft);
	}
	.cell {
		display: inline-block;
		min-width: 2rem;
		padding: 1px 4px;
		text-align: center;
		border: 1px solid transparent;
		border-radius: 4px;
		color: var(--ink);
	}
	.dashed {
		border: 1.5px dashed var(--needs);
	}
	.heavy {
		border: 2px solid var(--refuse);
		font-weight: 600;
	}
	abbr {
		text-decoration: none;
	}
</style>
