import { keptOf } from '../packages/core/src/predict/keeping/kept.ts'; import { potAt } from '../packages/core/src/predict/pot-at.ts';
import { ingredientById } from '../packages/core/src/larder/catalog/larder-table.ts';
import { predict } from '../packages/core/src/predict/predict.ts';
import { uncooked } from '../packages/core/src/recipe/recipe.ts';
import { grams, celsius } from '../packages/core/src/quantity/quantity.ts';
type L=[string,number,string?,string?];
const stove={maxTemperatureC:94,holdMin:4}, cold={}, blend={blenderPower:.6,blendSeconds:60}, strong={blenderPower:1,blendSeconds:90};
const S:[string,L[],object,number,string,string?,number?][]=[
['mayonnaise',[['mayonnaise-egg',100]],{},20,'freeze .95'],['butter',[['butter',100]],{},20,'freeze low'],['tofu',[['tofu-firm',200]],{},20,'freeze high'],['tomato',[['passata',300]],stove,20,'freeze low'],['corn sauce',[['oat-drink',400],['corn-starch',24]],stove,60,'freeze .8'],['tapioca sauce',[['oat-drink',400],['tapioca-starch',20]],stove,60,'.35'],['xanthan white',[['oat-drink',400],['wheat-flour',25],['xanthan',.8]],stove,60,'.3'],['coconut milk',[['coconut-milk',400]],{},20,'.6'],['plain yogurt',[['soya-yogurt',400]],{},6,'.8'],['plant-block',[['plant-block',200]],{},6,'grates'],['garlic oil',[['garlic',20],['olive-oil',200]],{},20,'3 days'],
['white sauce oat 25 flour/400',[['wheat-flour',25],['rapeseed-oil',25],['oat-drink',400],['salt',3]],stove,65,'coats a spoon 200-600'],
['thick white sauce soya 40/400',[['wheat-flour',40],['rapeseed-oil',40],['soya-drink-plain',400],['salt',3]],stove,65,'clings 800-2500'],
['potato carrot melt',[['potato',250,'boiled'],['carrot',100,'boiled'],['water',120],['rapeseed-oil',60],['nutritional-yeast',20],['salt',5],['lemon-juice',10]],{...stove,...blend},65,'clings/mounds 1500-8000'],
['cashew alfredo',[['cashew',150,'soaked'],['water',360],['nutritional-yeast',15],['lemon-juice',15],['garlic',4],['salt',4]],{...stove,...strong},65,'coats/clings 400-2500'],
['cashew alfredo cold',[['cashew',150,'soaked'],['water',300],['lemon-juice',15],['salt',4]],strong,20,'coats 60-500'],
['tofu ricotta',[['tofu-firm',300],['lemon-juice',20],['olive-oil',15],['salt',4],['nutritional-yeast',10]],{blenderPower:.1,blendSeconds:20},10,'spreads'],
['aquafaba mayo',[['chickpea-water',45],['sunflower-oil',180],['mustard',5],['lemon-juice',8],['salt',2]],{blenderPower:.35,blendSeconds:90},10,'mounds'],
['tahini sauce',[['tahini',80],['lemon-juice',30],['water',60],['salt',2]],{blenderPower:.1,blendSeconds:20},20,'coats-clings 300-2500'],
['butter',[['coconut-oil',150],['rapeseed-oil',60],['soya-drink',50],['soya-lecithin',3],['salt',3]],{...blend,maxTemperatureC:45,holdMin:2},8,'slices','fridge',1],
['butter 20C',[['coconut-oil',150],['rapeseed-oil',60],['soya-drink',50],['soya-lecithin',3],['salt',3]],{...blend,maxTemperatureC:45,holdMin:2},20,'spreads','fridge',1],
['red lentil sauce',[['red-lentil-dry',120,'boiled'],['water',500],['oat-drink',100],['nutritional-yeast',15],['salt',5]],{maxTemperatureC:98,holdMin:15,...blend},65,'coats/clings 500-2500'],
['queso cashew pepper',[['cashew',120,'soaked'],['red-pepper-roasted',120],['water',160],['nutritional-yeast',20],['salt',4],['lemon-juice',15]],{...stove,...strong},65,'clings 1000-5000'],
['cauliflower alfredo',[['cauliflower',400,'boiled'],['oat-drink',150],['cashew',40,'soaked'],['nutritional-yeast',12],['salt',4]],{...stove,...strong},65,'coats/clings 300-1800'],
['stretch melt',[['cashew',80,'soaked'],['water',280],['tapioca-starch',30],['nutritional-yeast',10],['lemon-juice',10],['salt',4]],{...stove,...strong},70,'clings, pull>6'],
['agar block',[['cashew',100,'soaked'],['water',250],['agar',4],['coconut-oil',30],['nutritional-yeast',15],['salt',5]],{...stove,...strong},8,'slices','fridge',1],
['coconut curry',[['coconut-milk',400],['onion',80,'boiled'],['garlic',6],['curry-powder',8]],{...stove,...blend},65,'cream 15-200'],
['mushroom soya cream',[['mushroom',200],['soya-cream',200],['white-wine',40],['garlic',5]],stove,65,'cream/coats 20-400'],
['white bean dip',[['white-bean-canned',240],['olive-oil',30],['lemon-juice',20],['garlic',4],['water',20]],blend,20,'spreads/mounds'],
['yogurt dressing',[['soya-yogurt',150],['olive-oil',20],['lemon-juice',15],['water',30],['salt',2]],cold,10,'cream/coats 50-500'],
['almond ricotta',[['almond-ground',150],['water',120],['lemon-juice',20],['salt',3]],blend,10,'spreads','fridge',1],
['sunflower cream',[['sunflower-seed',100,'soaked'],['water',220],['lemon-juice',10],['salt',3]],strong,20,'coats 80-700'],
['butternut mac',[['squash',350,'boiled'],['oat-drink',150],['nutritional-yeast',20],['corn-starch',8],['mustard',6],['salt',5]],{...stove,...blend},65,'clings 700-3000'],
['gravy',[['vegetable-stock',400],['corn-starch',16],['soy-sauce',12]],stove,65,'coats 200-700'],
['silken tofu sauce',[['tofu-silken',300],['oat-drink',100],['nutritional-yeast',15],['miso',15]],blend,20,'coats/clings 150-900'],
['pudding cold',[['oat-drink',400],['corn-starch',35],['sugar',30]],stove,8,'mounds/spreads','fridge',1],
['chickpea flour block',[['chickpea-flour',120],['water',480],['salt',6]],stove,8,'slices','fridge',1],
['konjac tapioca melt',[['oat-drink',250],['tapioca-starch',28],['konjac',1.5],['coconut-oil',40],['salt',5]],stove,70,'clings pull'],
];
for(const [n,lines,proc,t,want,st,days] of S){const p=predict({lines:lines.map(([i,g,prep,stage])=>({ingredient:ingredientById(i)!,mass:grams(g),preparation:(prep??'as-is') as never,stage:(stage??'start') as never})),process:{...uncooked,...proc} as never,serving:{temperatureC:celsius(t),storage:(st??'cool') as never,days:days??0}});
const k=keptOf(potAt({lines:lines.map(([i,g,prep,stage])=>({ingredient:ingredientById(i)!,mass:grams(g),preparation:(prep??'as-is') as never,stage:(stage??'start') as never})),process:{...uncooked,...proc} as never,serving:{temperatureC:celsius(t),storage:(st??'cool') as never,days:days??0}}));console.log(n.padEnd(28),'kPa',k.block.firmnessKPa.toFixed(2),'sl',k.block.slices.toFixed(2),'gr',k.block.grates.toFixed(2),'melt',k.block.meltsAtC?.toFixed(0)??'-','freeze',k.freezing.toFixed(2),'days',k.keeping.low.toFixed(1)+'-'+k.keeping.high.toFixed(1),k.keeping.because,'coat',k.mouthCoating.toFixed(1),'salt',p.salt.mid.toFixed(2)+'->'+k.saltAsTasted.toFixed(2))}
