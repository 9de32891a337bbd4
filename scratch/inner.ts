import { randomMethodRecipes } from '../packages/core/science/random-methods.ts';
import { ingredientById } from '../packages/core/src/larder/catalog/larder-table.ts';
import { potAt } from '../packages/core/src/predict/pot-at.ts';
import { uncooked } from '../packages/core/src/recipe/recipe.ts';
let i=0;
for (const recipe of randomMethodRecipes(60, 31) as any[]) {
  const a=potAt(recipe); const made={...ingredientById('water')!,made:{recipe,massG:a.mix.mass,leftOut:[],days:0}};
  const b=potAt({lines:[{ingredient:made,mass:150,preparation:'as-is',stage:'start'}],process:uncooked,method:[],serving:recipe.serving} as any);
  const k=a.mix.mass/150;
  if(!(recipe.process.bakeMin>0)&&Math.abs(Math.log(a.flow.viscosity/b.flow.viscosity))>.02){const out:string[]=[];for(const key of Object.keys(a.mix)){const x=(a.mix as any)[key],y=(b.mix as any)[key];if(typeof x==='number'){const ex=['pH','hydrolysis','breakdown','isoelectricPh','meanDiameter','coarseness','alcoholLeft','emulsifiedFat','maxTemperature','hold','browning','waterDoubt','guessedShare','curdledBefore'].includes(key);const yy=ex?y:y*k;if(Math.abs(x-yy)>1e-3*Math.max(1,Math.abs(x)))out.push(`${key} ${x.toFixed(3)} ${yy.toFixed(3)}`);}}
   console.log(i,a.flow.viscosity,b.flow.viscosity,out.join('; '),'|',recipe.lines.map((l:any)=>l.ingredient.id).join(','));}
  i++;
}
