import { seededChance } from '../packages/core/src/numeric/chance.ts';
import { randomRecipe } from '../packages/core/science/random-pots.ts';
import { larderTable } from '../packages/core/src/larder/catalog/larder-table.ts';
import { potAt } from '../packages/core/src/predict/pot-at.ts';
const chance=seededChance(7);let r:any;for(let i=0;i<=799;i++){r=randomRecipe(chance);for(let j=0;j<12;j++){chance();chance();chance();}}
console.log(r.lines.map((l:any)=>l.ingredient.id+' '+l.mass.toFixed(1)+' '+l.preparation+' '+l.stage).join(', '),r.process,r.serving);
for(const d of [-.02,-.01,0,.01,.02,.05]){const {flow,mix}=potAt({...r,process:{...r.process,maxTemperatureC:r.process.maxTemperatureC+d}});console.log(d,flow.yieldStress,flow.viscosity,flow.gelStress,flow.packing,mix.curdVolume,mix.pH,mix.hydrolysis,flow.oilContinuous,flow.fatStress)}
