<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import Moon from '@lucide/svelte/icons/moon';
	import Sun from '@lucide/svelte/icons/sun';
	import { mode, toggleMode } from 'mode-watcher';
	import { ROOMS } from './rooms';

	/** The left rail: where one can go. `demo` says that the data are made up, `person` and `role` who works here, `guarded` that they sign in. */
	let { demo, person, role, guarded }: { demo: boolean; person: string | null; role: string | null; guarded: boolean } =
		$props();

	const here = $derived(
		ROOMS.findLast(({ path }) => (path === '/' ? page.url.pathname === path : page.url.pathname.startsWith(path)))?.path
	);
</script>

<header class="no-print sticky top-0 flex h-screen w-20 shrink-0 flex-col border-r border-line bg-panel lg:w-36">
	<a
		href={resolve('/')}
		class="flex items-center gap-2 px-4 py-3 text-lg font-semibold"
		aria-label="Rotalux, to the counter"
	>
		<img src="/favicon.svg" alt="" class="size-7" /><span class="max-lg:hidden">Rotalux</span>
	</a>
	<nav aria-label="Rooms" class="grid gap-1 px-2 max-lg:px-1">
		{#each ROOMS as room (room.path)}
			{@const Icon = room.icon}
			<a
				href={resolve(room.path)}
				aria-current={room.path === here ? 'page' : undefined}
				class="flex min-h-11 items-center gap-2 rounded-md px-2 py-1.5 hover:bg-sea-wash aria-[current=page]:bg-sea-wash aria-[current=page]:font-semibold aria-[current=page]:text-sea max-lg:flex-col max-lg:gap-0.5 max-lg:text-[0.72rem]"
			>
				<Icon class="size-5 shrink-0" aria-hidden="true" />{room.name}
			</a>
		{/each}
	</nav>
	<div class="mt-auto grid gap-2 p-2 text-sm text-soft max-lg:text-[0.72rem]">
		<a
			class="px-1 hover:underline max-lg:text-center"
			href={guarded ? resolve('/settings/account') : resolve('/settings')}>{person ?? 'No name set'}</a
		>
		{#if guarded}<a class="px-1 hover:underline max-lg:text-center" href={resolve('/sign-in')}
				>{role ?? ''}{role ? ' · ' : ''}sign out</a
			>{:else if demo}<a class="px-1 hover:underline max-lg:text-center" href={resolve('/sign-in')}
				>as {role}: try a role</a
			>{/if}
		{#if demo}<p class="px-1 max-lg:text-center">Demo: all names are made up</p>{/if}
		<button
			type="button"
			class="button justify-center px-1!"
			onclick={toggleMode}
			aria-label="Change between light and dark"
		>
			{#if mode.current === 'dark'}<Sun class="size-4" aria-hidden="true" />{:else}<Moon
					class="size-4"
					aria-hidden="true"
				/>{/if}
			<span class="max-lg:hidden">{mode.current === 'dark' ? 'Light' : 'Dark'}</span>
		</button>
	</div>
</header>
