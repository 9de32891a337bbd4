import { chromium } from '@playwright/test';
const b=await chromium.launch({executablePath:process.env.CHROME||'/usr/bin/chromium',args:['--no-sandbox']});
const id=(await (await fetch('http://127.0.0.1:4173/api/formulas')).json())[0].id;
for(const [w,h,n,scheme] of [[1280,800,'desk','light'],[390,844,'phone','dark']]){const p=await b.newPage({viewport:{width:w,height:h},colorScheme:scheme});await p.goto('http://127.0.0.1:4173/bench/'+id);await p.waitForTimeout(2500);
 if(process.argv[2]==='list'){console.log(await p.url(),await p.getByRole('tab').allTextContents());}
 await p.getByRole('tab',{name:'Kept'}).click().catch(async()=>{console.log('no tab',await p.url(),await p.getByRole('tab').allTextContents())});
 await p.waitForTimeout(400);await p.screenshot({path:`/tmp/look/${n}.png`});}
await b.close();
