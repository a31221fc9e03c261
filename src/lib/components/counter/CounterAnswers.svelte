<script lang="ts">
	import { pressed } from '$lib/client/shortcuts';
	import { resolve } from '$app/paths';
	import TinyRota from '../rota/TinyRota.svelte';
	import KitOffer from './KitOffer.svelte';
	import VerdictTag from '../ui/VerdictTag.svelte';
	import { shopFormats } from '../ui/shop-formats';
	import type { CounterReply } from '$lib/core/views';

	const { money } = shopFormats();

	/** What the counter found: per vehicle the best lamp of each place that was asked for. */
	let {
		reply,
		could = null
	}: {
		reply: CounterReply;
		/** For places that nothing serves, what would: by vehicle and socket. It may come later. */
		could?: Promise<Record<string, { short: string; price: { median: number } | null }>> | null;
	} = $props();

	/** Kits are worked out for so many vehicles at once. */
	const MAX_KITS = 2;

	const understood = $derived(
		[
			reply.understood.vehicle && `vehicle “${reply.understood.vehicle}”`,
			reply.understood.functions.length > 0 && reply.understood.functions.join(' or ').toLowerCase(),
			reply.understood.category,
			reply.understood.market,
			reply.kit !== null && 'a kit',
			reply.understood.zone,
			reply.understood.side,
			...reply.understood.slips
		].filter(Boolean)
	);

	/** Arrow keys go from answer to answer. */
	function step(event: KeyboardEvent): void {
		const way = pressed(event, ['list-down', 'list-up']);
		if (!way) return;
		const by = way === 'list-down' ? 1 : -1;
		event.preventDefault();
		const all = [...document.querySelectorAll<HTMLElement>('[data-answer]')];
		const next = all[all.indexOf(event.currentTarget as HTMLElement) + by];
		(next ?? (by < 0 ? document.querySelector<HTMLElement>('#line') : null))?.focus();
	}
</script>

<p class="mb-3 text-soft">Understood: {understood.join(' · ') || 'nothing yet'}</p>
{#if reply.vehicles.length === 0}
	<p>
		No vehicle on record answers to “{reply.understood.vehicle || 'nothing'}”{reply.understood.market
			? `, market: ${reply.understood.market}`
			: ''}. Type a make, a model or a year, or
		<a class="link" href={resolve('/vehicles')}>look through all vehicles</a>.
	</p>
{/if}
<div class="grid gap-3">
	{#each reply.vehicles as vehicle, i (vehicle.id)}
		<section class="panel" aria-labelledby={`v-${vehicle.id}`}>
			<div class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line px-3 py-1.5">
				<TinyRota sockets={vehicle.sockets} size={40} />
				<h2 id={`v-${vehicle.id}`} class="mr-auto">
					<a
						data-answer
						onkeydown={step}
						class="hover:underline"
						href={resolve('/vehicles/[id]/walk/[[socket]]', { id: vehicle.id })}>{vehicle.name}</a
					>
					<span class="font-normal text-soft">· {vehicle.sockets.length} sockets</span>
				</h2>
				<a class="button" href={resolve('/vehicles/[id]/match/[[socket]]', { id: vehicle.id })}>Match</a>
				<a class="button" href={resolve('/vehicles/[id]/kit', { id: vehicle.id })}>Kit</a>
			</div>
			{#if reply.kit !== null}
				{#if i < MAX_KITS}<KitOffer vehicle={vehicle.id} scope={reply.kit} />
				{:else}<p class="px-3 py-2 text-soft">Type more of the vehicle to see its kit.</p>{/if}
			{:else if vehicle.answers.length > 0}
				<ul>
					{#each vehicle.answers as answer (answer.socket)}
						<li class="border-b border-line last:border-0">
							<a
								data-answer="place"
								onkeydown={step}
								href={resolve('/vehicles/[id]/match/[[socket]]', { id: vehicle.id, socket: answer.socket })}
								class="grid grid-cols-[11rem_9.5rem_1fr_auto] items-baseline gap-3 px-3 py-2 hover:bg-sea-wash max-md:grid-cols-1 max-md:gap-1"
							>
								<span
									><span class="font-medium">{answer.place}</span>
									<span class="text-soft">{answer.category ?? ''}</span></span
								>
								{#if answer.best}
									<VerdictTag verdict={answer.best.verdict} />
									<span>
										{answer.best.maker}
										{answer.best.name}
										{#if answer.best.needs.length > 0}<span class="text-soft"
												>· needs {answer.best.needs.join(', ')}</span
											>{/if}
										{#each answer.doubts as doubt (doubt)}<span class="block text-sm text-unknown">{doubt}</span>{/each}
										{#if answer.best.verdict === 'unknown' || answer.best.verdict === 'refused'}
											<span class="block text-soft">{answer.best.firstReason}</span>
										{/if}
									</span>
									<span class="text-right whitespace-nowrap max-md:text-left">
										{#if answer.best.pack}
											{money(answer.best.pack.price)}
											<span class="text-soft">for {answer.best.pack.count}</span>
										{/if}
										<span class="block text-soft">
											{answer.best.stock > 0 ? `${answer.best.stock} in stock` : 'none in stock'} · {answer.others} more
										</span>
									</span>
								{:else}
									<span class="text-soft md:col-span-3"
										>{answer.open ?? 'No product is made for this lamp category.'}</span
									>
								{/if}
							</a>
							{#await could then found}
								{@const lamp = found?.[`${vehicle.id} ${answer.socket}`]}
								{#if lamp}
									<p class="px-3 pb-2 text-sm text-soft">
										Nobody offers it, but a lamp would serve: {lamp.short}{lamp.price
											? `, about ${money(lamp.price.median)}`
											: ''}.
										<a class="link" href={resolve('/cover/missing')}>Missing products</a>
									</p>
								{/if}
							{/await}
						</li>
					{/each}
				</ul>
			{:else if reply.understood.functions.length > 0}
				<p class="px-3 py-2 text-soft">This vehicle has no such lamp on record.</p>
			{/if}
		</section>
	{/each}
</div>
