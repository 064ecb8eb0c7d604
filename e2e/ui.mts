import { chromium } from 'playwright-core';
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync']});
const A='http://127.0.0.1:4399';
const p=await b.newPage({viewport:{width:820,height:1180}});
p.on('console',m=>m.type()==='error'&&console.log('ERR',m.text()));
const shot=async(n:string)=>{await p.waitForTimeout(500);await p.screenshot({path:`/tmp/ui/${n}.png`});};
await p.goto(A+'/new/reading');
await p.getByRole('textbox',{name:'Recipe text'}).click();
await p.keyboard.insertText(`Lock cake
Makes 1 cake
2 cups all-purpose flour
1 cup sugar
1/2 cup cocoa
1 tsp baking soda
1 lemon, zest and juice
1 cup buttermilk
2 large eggs
1/2 cup butter, softened

Method
Preheat the oven to 350 °F. Cream the butter and sugar for 3 minutes. Beat in the eggs.
Fold in the flour and cocoa with the buttermilk.
Bake in a 23 cm tin for 10 minutes at 375 °F, then reduce to 350 °F and bake 20 to 25 minutes more. Cool in the tin for 10 minutes, then turn out.`);
await p.waitForTimeout(1200);
await shot('1-reading');
await p.getByRole('button',{name:'Save recipe'}).click();
await p.waitForURL(/balance/); await p.waitForTimeout(1200); await shot('2-balance');
await p.getByRole('link',{name:/^Bench/}).click(); await p.waitForTimeout(600); await shot('3-begin');
await p.getByRole('radio',{name:/container/i}).first().check();
await p.getByRole('button',{name:'Begin the bake'}).click(); await p.waitForTimeout(1200); await shot('4-bench');
console.log(p.url());
await p.context().storageState({path:'/tmp/ui/state.json'});
await b.close();
