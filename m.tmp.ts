import { Visitor, launch } from './tests/browser/driver';
process.env.FLUORITE_PLAIN='http://localhost:4940'; process.env.FLUORITE_WITH_DEMO='http://localhost:4941';
void (async()=>{
  const b=await launch();
  const v=await Visitor.arrive(b,'plain','/rigs');
  await v.page.evaluateOnNewDocument('globalThis.__name=(f)=>f'); await v.page.evaluate('globalThis.__name=(f)=>f');
  await v.press('New rig'); await v.page.waitForFunction(()=>/rigs\/.+/.test(location.pathname)); await new Promise(r=>setTimeout(r,800));
  await v.type('Name','Base gun'); await v.press('Save').catch(()=>console.log('no save')); await new Promise(r=>setTimeout(r,500));
  await v.go('/new');
  await v.type('Job','Wing'); await v.choose('What goes on','Base and clear'); await new Promise(r=>setTimeout(r,400));
  await v.choose('Gun for the base','Base gun'); await v.choose('Gun for the clear','A new gun'); await v.type('Nozzle','1.4 mm');
  await v.type('Width of a face','1 m'); await v.type('Height of a face','1 m'); await v.press('Begin this job');
  await v.page.waitForFunction(()=>/plan$/.test(location.pathname)); await v.page.waitForSelector('[data-next-action], [aria-label="Next"]'); await new Promise(r=>setTimeout(r,800));
  const next=async()=>(await v.text('[aria-label="Next"]')).replace(/\n/g,' / ').slice(0,230);
  console.log('PLAN', await next());
  await v.type('Air','21'); await v.type('Part','21'); await v.type('Relative humidity','50'); await v.press('Record');
  await new Promise(r=>setTimeout(r,500));
  let last='';
  for (let i=0;i<60;i++){
    await new Promise(r=>setTimeout(r,350));
    const where=new URL(v.page.url()).pathname.split('/').pop(); const said=await next();
    const hand=await v.page.evaluate(()=>document.querySelector('h1')?.parentElement?.innerText.replace(/\n/g,' | '));
    console.log(i, where, '::', said, '|| ', i%6===0?hand:'');
    if (said===last) { console.log('STUCK'); break; } last=said;
    if (/Stir, then time the cup|Time the cup/.test(said)) { await v.type('Paint temperature','23'); const band=await v.text('[data-strip] [data-stage="thin"]'); const m=/(\d+)[–-](\d+)/.exec(band+said)??['','20','24']; await v.type('Seconds', String((Number(m[1])+Number(m[2]))/2)); await v.press(/^Record [\d.]+ s$/); last=''; continue; }
    if (/Spray a test card/.test(said)) { await v.press('Even and fine'); continue; }
    if (/flash|Leave/.test(said) && /early/.test(said)) { await v.press(/early/); continue; }
    const act=await v.page.$('[data-next-action]'); if (!act) { console.log('no action'); break; }
    const words=await v.page.$eval('[data-next-action]',(e)=>(e as HTMLElement).innerText); 
    await v.doNext();
    if (/Put|Choose/.test(words)) break;
  }
  await v.page.screenshot({path:'/tmp/end.png'});
  await b.close();
})();
