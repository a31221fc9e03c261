import { it } from 'vitest';
import { leftFine, goWrong, Witness } from '/work/main/tests/support/generate-complaint';
import { Diagnosis } from '/work/main/src/lib/core/learn';
import { randomFrom } from '/work/main/tests/support/random';
it('x', () => {
	const N = Number(process.env.N ?? 100);
	let first = 0, three = 0, n = 0, t0 = 0, first0=0; const per: Record<string, number[]> = {};
	let tn=0, tnn=0;
	for (let seed = 1; n < N; seed++) {
		const random = randomFrom(seed);
		const left = leftFine(random);
		const truth = goWrong(left, random);
		if (!truth) continue;
		const witness = new Witness(left, truth);
		const all = witness.all();
		if (all.length === 0) continue;
		n++;
		const said = [all[Math.floor(random()*all.length)]!];
		const more = all[Math.floor(random()*all.length)]!;
		if (more !== said[0] && random()<.5) said.push(more);
		const t = performance.now();
		const d = new Diagnosis({ ...left });
		const right = (k: any) => k.suspects.length===1 && k.suspects[0].cause.id === truth.cause && k.suspects[0].socket === truth.socket && k.suspects[0].channel === truth.channel;
		let s = d.standings(said);
		t0 += performance.now() - t;
		if (s.causes.findIndex(right)===0) first0++;
		const answered: any[] = [];
		for (let i = 0; i < 3; i++) {
			const tt=performance.now();
			const [next] = d.nextTests(said, answered);
			tn+=performance.now()-tt; tnn++;
			if (!next) break;
			answered.push({ test: next.id, yes: witness.answers(next) });
		}
		s = d.standings(said, answered);
		const at = s.causes.findIndex(right);
		if (at === 0) first++;
		if (at >= 0 && at < 3) three++;
		(per[truth.cause] ??= []).push(at);
		if (process.env.V && (at<0||at > 2)) console.log(seed, truth.cause, truth.socket, truth.channel, JSON.stringify(said), JSON.stringify(answered), at, s.causes.slice(0,3).map(c=>c.key+' '+c.score.toFixed(2)), at>=0? s.causes[at].score: 'none', d.hypotheses.length);
	}
	console.log({ n, first: first/n, three: three/n, first0: first0/n, ms: t0/n, next: tn/tnn });
	for (const [k, v] of Object.entries(per)) console.log(k, v.length, 'first', v.filter(x=>x===0).length, 'three', v.filter(x=>x>=0&&x<3).length);
}, 600000);
