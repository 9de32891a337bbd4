import { anchors } from '../packages/core/science/anchor-table.ts';
import { recipeOfAnchor } from '../packages/core/science/anchor.ts';
import { potAt } from '../packages/core/src/predict/pot-at.ts';
for (const id of process.argv.slice(2)) {
  const a = anchors.find((x)=>x.id===id)!;
  const {mix,flow}=potAt(recipeOfAnchor(a.recipe!));
  console.log(id,a.name, 'eta',flow.viscosity.toFixed(0),'tau',flow.yieldStress.toFixed(1),'zeta',flow.packing.toFixed(2),'phi',flow.dispersedVolume.toFixed(2),'cont',flow.continuous.toFixed(1),'n',flow.flowIndex.toFixed(2),'ow',flow.oilContinuous.toFixed(2),'pv',(mix.particleVolume).toFixed(0),'cw',mix.cellWallVolume.toFixed(0),'curd',mix.curdVolume.toFixed(0),'cellSt',mix.cellStarch.toFixed(1),'disp',[...mix.dispersedStarch].reduce((x,y)=>x+y,0).toFixed(1),'raw',mix.rawStarch.toFixed(1),'V',mix.suspensionVolume.toFixed(0),'free',flow.freeWater.toFixed(0),'pH',mix.pH.toFixed(2),'d',mix.meanDiameter.toFixed(0),'coag',mix.coagulatingProtein.toFixed(2),mix.culturedProtein.toFixed(2), 'sf', flow.solidFat.toFixed(1));
}
