import { readFileSync } from 'node:fs';
import { readFoods, publicTable } from './src/table/index.js';
import { wordsOf } from './src/catalogue/index.js';
import { densityOf, defaultMethod, pieceOf } from './src/measuring/index.js';
const t0=performance.now(); const foods=readFoods(readFileSync('data/sr24-measures.csv','utf8')); const t1=performance.now(); const t=publicTable(foods); const t2=performance.now();
console.log(foods.length,(t1-t0).toFixed(0),(t2-t1).toFixed(0));
for (const n of process.argv[2]!.split(';')) { const i=t.closest(wordsOf(n)); const d=i&&densityOf({ingredient:i,form:null,method:defaultMethod(i),size:'cup'}); console.log(n,'=>',i?`${i.id} ${i.name} [${i.class},${i.role}] ${d?(d.gramsPerMillilitre*236.6).toFixed(0)+' '+d.rung:'-'} each ${pieceOf(i,'each',null)?.gramsEach??'-'} forms ${[...new Set(i.weights.map(w=>w.form))].join('/')}`:null); }
