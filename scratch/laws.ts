import { larderTable } from '../packages/core/src/larder/catalog/larder-table.ts';
import { seededChance } from '../packages/core/src/numeric/chance.ts';
import { predict } from '../packages/core/src/predict/predict.ts';
import { potAt } from '../packages/core/src/predict/pot-at.ts';
import { predictPot } from '../packages/core/src/predict/predict-pot.ts';
import { randomRecipe, lineOf } from '../packages/core/science/random-pots.ts';
import { pullLength } from '../packages/core/src/predict/stretch/pull-length.ts';
const P=(r:any)=>{const q=predictPot(potAt(r));const o:Record<string,number>={};for(const k of ['viscosity','yieldStress','stretch','pH','savoriness','sourness','sweetness','salt','fat','protein'] as const)o[k]=(q[k] as any).mid;for(const k of ['curdling','graininess','weeping','creaming','oilingOff','solidFat','bitter','pungent','lumps','browning','particleSizeUm'] as const)o[k]=(q as any)[k];q.thicknessWords.forEach(w=>o['w:'+w.word]=w.chance);o.L=q.colour.lab[0];o.a=q.colour.lab[1];o.vw=Math.log(q.viscosity.high/q.viscosity.low);return o;};
const floor:Record<string,number>={viscosity:0.05,yieldStress:.5,stretch:.3,pH:1,savoriness:.02,sourness:1,sweetness:.3,salt:.1,fat:.3,protein:.3,curdling:.3,graininess:1,weeping:1,creaming:1,oilingOff:.3,solidFat:5,bitter:.5,pungent:.5,lumps:1,browning:1,particleSizeUm:20,L:10,a:10,vw:.5};
const chance=seededChance(7); const bad:Record<string,string[]>={}; let n=0;
const kitchen=larderTable.filter(x=>!x.kinds);
const N=Number(process.argv[2]??400);
for(let i=0;i<N;i++){const r=randomRecipe(chance);const b=P(r);const m=r.lines.reduce((a,l)=>a+l.mass,0);
 for(let j=0;j<12;j++){const ing=kitchen[Math.floor(chance()*kitchen.length)]!;const prep=chance()<.3?'boiled':'as-is';const stage=chance()<.2?'end':'start';const t=P({...r,lines:[...r.lines,lineOf(ing,m*1e-5,prep as any,stage as any)]});n++;
  for(const k in b){const d=Math.abs(t[k]!-b[k]!)/(Math.abs(b[k]!)+(floor[k]??.3));if(d>.01)(bad['trace '+k]??=[]).push(`${ing.id}/${prep}/${stage} ${b[k]!.toFixed(4)}->${t[k]!.toFixed(4)}`);} }
 // continuity in temperatures, hold
 const at=(s:any)=>P({...r,...s});
 const T=r.serving.temperatureC; const t1=at({serving:{...r.serving,temperatureC:T+.01}});
 const t2=at({process:{...r.process,maxTemperatureC:r.process.maxTemperatureC+.01}});
 const t3=at({process:{...r.process,holdMin:r.process.holdMin+.001}});
 const t4=at({process:{...r.process,blendSeconds:r.process.blendSeconds+.01}});
 const t5=at({process:{...r.process,evaporatedG:r.process.evaporatedG+.005}});
 for(const [nm,t] of [['serve',t1],['peak',t2],['hold',t3],['blend',t4],['evap',t5]] as const)for(const k in b){const d=Math.abs(t[k]!-b[k]!)/(Math.abs(b[k]!)+(floor[k]??.3));if(d>.02)(bad[nm+' '+k]??=[]).push(`${i} ${b[k]!.toFixed(4)}->${t[k]!.toFixed(4)}`);}
}
console.log(n,'traces');for(const k in bad)console.log(k,bad[k]!.length,bad[k]!.slice(0,4).join(' | '));
