// lines drawn by lot of given folders, tried with own tests
import { randomLcg } from 'd3-random';
import { readFileSync, readdirSync, appendFileSync, copyFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
const CORE='src/core/'; const seed=Number(process.argv[2]); const per=Number(process.argv[3]); const folders=process.argv.slice(4);
const isTried=(f)=>f.endsWith('.ts')&&!/(\.test|^index|\/index)\.ts$/.test(f);
const isWork=(t)=>/[-+*/%<>=!&|?]|\breturn\b|\.\w+\(/.test(t)&&!/^\s*(\*|\/\/|\/\*|import\b|export (type|interface)\b)/.test(t);
for(const folder of folders){
 const lines=readdirSync(CORE+folder,{recursive:true}).filter(isTried).sort().flatMap(f=>readFileSync(CORE+folder+'/'+f,'utf8').split('\n').flatMap((t,i)=>isWork(t)?[`${CORE}${folder}/${f}:${i+1}-${i+2}`]:[]));
 const n=Math.max(6,Math.round(lines.length*per)); const total=lines.length;
 const ch=randomLcg(seed/2**16); const drawn=Array.from({length:Math.min(n,lines.length)},()=>lines.splice(Math.floor(ch()*lines.length),1)[0]);
 const has=readdirSync(CORE+folder,{recursive:true}).some(f=>f.endsWith('.test.ts'));
 const T=Date.now();
 spawnSync('npx',['stryker','run','--mutate',drawn.join(',')],{env:{...process.env,MUTANT_TESTS:has?`${CORE}${folder}/**/*.test.ts`:`${CORE}bench/**/*.test.ts,${CORE}encode/**/*.test.ts`},timeout:1500000});
 const {files}=JSON.parse(readFileSync('test-results/mutants.json','utf8'));
 const all=Object.entries(files).flatMap(([file,{mutants,source}])=>mutants.flatMap(m=>/Error|Ignored/.test(m.status)?[]:[{k:/Killed|Timeout/.test(m.status),s:m.status,t:`${file}:${m.location.start.line} ${m.status} ${source.split('\n')[m.location.start.line-1].trim().slice(0,110)} => ${m.replacement.split('\n')[0].slice(0,80)}`}]));
 appendFileSync('/tmp/drawf.log',`${folder}: ${all.filter(a=>a.k).length} of ${all.length} (${n} of ${total} lines, ${all.filter(a=>a.s==='Timeout').length} timeouts, ${Math.round((Date.now()-T)/1000)} s)\n`+all.filter(a=>!a.k).map(a=>'   '+a.t+'\n').join(''));
}
appendFileSync('/tmp/drawf.log','DONE\n');
