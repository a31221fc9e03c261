<script lang="ts">
	import { enhance } from '$app/forms';

	/** Freezes the kit. A lamp that wants a check by hand wants the name of whoever checked it. */
	let { wantsSignature, stale }: { wantsSignature: boolean; stale: boolean } = $props();
</script>

<form method="post" action="?/release" class="grid gap-2" use:enhance>
	<label class="grid gap-1">
		{wantsSignature ? 'Checked by hand, signed by' : 'Signed by (if anything was checked by hand)'}
		<input name="signedBy" class="field" required={wantsSignature} maxlength="200" autocomplete="name" />
	</label>
	<button class="button justify-center" disabled={stale}>Release revision 1</button>
</form>
