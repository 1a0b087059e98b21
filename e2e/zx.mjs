import { chromium } from '@playwright/test';import fs from 'fs';
const base='http://127.0.0.1:4870';const H={'X-Graft-Request':'1','Content-Type':'application/json'};
let r=await fetch(base+'/api/account/demo',{method:'POST',headers:H});const sc=/graft_session=([^;]+)/.exec(r.headers.getSetCookie()[0]);const cookie=sc[0];
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
for(const d of ['corvane-census','rock-mapping']){
const {id}=await (await fetch(base+'/api/trips/import',{method:'POST',headers:{...H,Cookie:cookie},body:fs.readFileSync(`/tmp/w/${d}.graft.json`,'utf8')})).json();
const ctx=await b.newContext({viewport:{width:1280,height:800}});await ctx.addCookies([{name:'graft_session',value:sc[1],url:base}]);
const p=await ctx.newPage();p.on('pageerror',e=>console.log('err',e.message));
const t=Date.now();await p.goto(base+'/trips/'+id+'/sheets/print');await p.waitForSelector('.sheet');console.log(d,'print view',Date.now()-t,'ms',await p.locator('.sheet').count());await p.waitForTimeout(500);
await p.pdf({path:`/tmp/w/${d}.pdf`,preferCSSPageSize:true});
await p.goto(base+'/trips/'+id+'/sheets/print?party');await p.waitForSelector('.sheet');await p.waitForTimeout(500);await p.pdf({path:`/tmp/w/${d}-party.pdf`,preferCSSPageSize:true});
await p.goto(base+'/trips/'+id+'/sheets');await p.waitForSelector('table');await p.waitForTimeout(800);await p.screenshot({path:`/tmp/w/${d}-st.png`});
}
await b.close();
