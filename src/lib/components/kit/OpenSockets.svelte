<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';

	/** Sockets the kit leaves open, each with the reason and the way on. */
	let {
		open,
		vehicle,
		fixed,
		editable
	}: {
		open: { socket: string; name: string; why: string }[];
		/** Id of the vehicle. */
		vehicle: string;
		/** Sockets a person decided about. */
		fixed: ReadonlySet<string>;
		editable: boolean;
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
			{#if editable}
				<form method="post" action={fixed.has(item.socket) ? '?/free' : '?/leave'} use:enhance class="mt-1">
					<input type="hidden" name="socket" value={item.socket} />
					<input type="hidden" name="reason" value="as the customer wishes" />
					<button class="link text-sm">{fixed.has(item.socket) ? 'Let the kit choose again' : 'Leave it stock'}</button>
				</form>
			{/if}
		</li>
	{/each}
</ul>
