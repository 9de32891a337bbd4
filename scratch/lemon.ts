import { seededChance } from '../packages/core/src/numeric/chance.ts';
import { randomRecipe, lineOf } from '../packages/core/science/random-pots.ts';
import { ingredientById } from '../packages/core/src/larder/catalog/larder-table.ts';
import { potAt } from '../packages/core/src/predict/pot-at.ts';
import { predictPot } from '../packages/core/src/predict/predict-pot.ts';
import { predict } from '../packages/core/src/predict/predict.ts';
import { contributionsOf } from '../packages/core/src/index.ts';
const chance=seededChance(11);let bad=0,n=0,rise=0,hot=0,energyBad=0;const ex:string[]=[];
const neat=predictPot(potAt({lines:[lineOf(ingredientById('lemon-juice')!,100)],process:randomRecipe(chance).process,serving:{temperatureC:20 as never,storage:'cool',days:0}})).sourness.mid;
for(let i=0;i<1500;i++){const r=randomRecipe(chance);const p=predictPot(potAt(r));n++;
 for(const id of ['lemon-juice','white-vinegar','lime-juice']){const q=predictPot(potAt({...r,lines:[...r.lines,lineOf(ingredientById(id)!,10)]}));if(q.sourness.mid<p.sourness.mid-1e-9&&p.sourness.mid<neat*.8){bad++;ex.push(`${id} ${p.sourness.mid.toFixed(1)}->${q.sourness.mid.toFixed(1)} pH ${p.pH.mid.toFixed(2)}->${q.pH.mid.toFixed(2)} `+r.lines.map(l=>l.ingredient.id).join(','));}}
 let up=false;for(const st of ['cool','fridge','reheat'] as const){let last=Infinity;for(let t=5;t<=95;t+=5){const e=potAt({...r,serving:{temperatureC:t as never,storage:st,days:1}}).flow.viscosity;if(e>last*(1+1e-6))up=true;last=e;}}
 if(up&&!r.lines.some(l=>l.ingredient.id==='methylcellulose')){rise++;if(rise<6)ex.push('rise '+r.lines.map(l=>l.ingredient.id).join(','));}
}
console.log(n,'lemon',bad,'rise',rise,'neat',neat);console.log(ex.slice(0,12).join('\n'));
