<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import Moon from '@lucide/svelte/icons/moon';
	import Sun from '@lucide/svelte/icons/sun';
	import { mode, toggleMode } from 'mode-watcher';
	import { ROOMS } from './rooms';

	/** The left rail: where one can go. `demo` says that the data are made up, `person` and `role` who works here, `guarded` that they sign in. */
	let {
		demo,
		practice,
		back,
		person,
		role,
		guarded,
		branch
	}: {
		demo: boolean;
		/** True in the shop of the practice. */
		practice: boolean;
		/** The shop beside which this one was opened. */
		back: string | null;
		person: string | null;
		role: string | null;
		guarded: boolean;
		/** The branch whose shelves are shown; null in a shop without branches. */
		branch: string | null;
	} = $props();

	const here = $derived(
		ROOMS.findLast(({ path }) => (path === '/' ? page.url.pathname === path : page.url.pathname.startsWith(path)))?.path
	);
</script>

<header
	class="no-print sticky top-0 z-20 flex shrink-0 border-line bg-panel max-sm:w-full max-sm:items-center max-sm:overflow-x-auto max-sm:border-b sm:h-screen sm:w-20 sm:flex-col sm:border-r"
>
	<a
		href={resolve('/')}
		class="grid justify-items-center gap-0.5 px-2 py-2 text-sm font-semibold sm:py-3"
		aria-label="Rotalux, to the counter"
	>
		<img src="/favicon.svg" alt="" class="size-7" /><span class="max-sm:hidden">Rotalux</span>
	</a>
	<nav aria-label="Rooms" class="flex gap-0.5 px-1 sm:flex-col">
		{#each ROOMS as room (room.path)}
			{@const Icon = room.icon}
			<a
				href={resolve(room.path)}
				aria-current={room.path === here ? 'page' : undefined}
				class="flex min-h-11 flex-col items-center justify-center gap-0.5 rounded-md px-1 py-1.5 text-[0.8rem] hover:bg-sea-wash aria-[current=page]:bg-sea-wash aria-[current=page]:font-semibold aria-[current=page]:text-sea max-sm:min-w-16"
			>
				<Icon class="size-5 shrink-0" aria-hidden="true" />{room.name}
			</a>
		{/each}
	</nav>
	<div class="grid gap-1 px-1 py-2 text-center text-[0.8rem] leading-tight text-soft max-sm:flex sm:mt-auto">
		{#if branch}<a
				class="py-1 font-semibold break-words hover:underline"
				href={resolve('/settings/branches')}
				aria-label="At {branch}: to the branches">at {branch}</a
			>{/if}
		<a class="py-1 hover:underline" href={guarded ? resolve('/settings/account') : resolve('/settings')}
			>{person ?? 'Your name?'}</a
		>
		{#if guarded}<a class="py-1 hover:underline" href={resolve('/sign-in')}>{role ?? ''}{role ? ' · ' : ''}sign out</a
			>{:else if demo}<a class="py-1 hover:underline" href={resolve('/sign-in')}>as {role}: try a role</a>{/if}
		{#if demo}<p class="py-1">Demo, made-up names</p>{/if}
		{#if practice}<p class="py-1">Practice: nothing of it exists</p>{/if}
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- another server: the shop this one stands beside -->
		{#if back}<a class="button justify-center px-1! whitespace-normal!" data-main href={back}
				>{practice ? 'Back to the exercises' : 'Back to the shop'}</a
			>{/if}
		<button
			type="button"
			class="button justify-center px-1!"
			onclick={toggleMode}
			aria-label="Change between light and dark"
			title="Light or dark; Settings can follow the system again"
		>
			{#if mode.current === 'dark'}<Sun class="size-4" aria-hidden="true" />{:else}<Moon
					class="size-4"
					aria-hidden="true"
				/>{/if}
		</button>
	</div>
</header>
