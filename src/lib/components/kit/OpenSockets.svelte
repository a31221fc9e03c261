<script lang="ts">
	import { resolve } from '$app/paths';
	import type { KitView } from '$lib/core/views';
	import SolveForm from './SolveForm.svelte';

	/** Sockets the kit leaves open, each with the reason, what would close it, and the way on. */
	let {
		open,
		vehicle,
		kit,
		fixed,
		editable,
		onplace
	}: {
		open: KitView['open'];
		/** Ids of the vehicle and the kit. */
		vehicle: string;
		kit: string;
		/** Sockets a person decided about. */
		fixed: ReadonlySet<string>;
		editable: boolean;
		onplace: (socket: string) => void;
	} = $props();
</script>

<h2>Open sockets · {open.length}</h2>
{#if open.length === 0}
	<p class="text-soft">Every socket of the scope is served.</p>
{/if}
<ul>
	{#each open as item (item.socket)}
		<li class="border-b border-line py-1.5 last:border-0">
			<p>
				<a
					class="link font-medium"
					href={resolve('/vehicles/[id]/match/[[socket]]', { id: vehicle, socket: item.socket })}>{item.name}</a
				>
				<span class="text-soft">{item.why}</span>
			</p>
			{#if item.wanted}<p class="text-sm">What would close it: {item.wanted}</p>{/if}
			{#if editable}
				<div class="mt-1 flex flex-wrap items-start gap-x-3">
					<button type="button" class="link text-sm" onclick={() => onplace(item.socket)}>Choose by hand</button>
					<SolveForm action={fixed.has(item.socket) ? '?/free' : '?/leave'} {vehicle} {kit}
						>{#snippet children(busy)}
							<input type="hidden" name="socket" value={item.socket} />
							<input type="hidden" name="reason" value="as the customer wishes" />
							<button class="link text-sm" disabled={busy}
								>{fixed.has(item.socket) ? 'Let the kit choose again' : 'Leave it stock'}</button
							>
						{/snippet}</SolveForm
					>
				</div>
			{/if}
		</li>
	{/each}
</ul>
