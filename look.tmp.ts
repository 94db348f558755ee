import { launch, Visitor } from './tests/browser/driver';
process.env.FLUORITE_WITH_DEMO='http://localhost:4921';process.env.FLUORITE_PLAIN='http://localhost:4921';
(async()=>{
 const b=await launch(); const v=await Visitor.arrive(b,'demo','/');
 await v.page.evaluateOnNewDocument('globalThis.__name=(f)=>f');
 await v.go('/job/demo-livery-panels/spray');
 await v.page.screenshot({path:'/tmp/s1.png'});
 await v.go('/job/demo-truck-frames/set#card').catch(()=>{});
 await v.go('/job/demo-truck-frames/spray');
 await v.page.screenshot({path:'/tmp/s2.png'});
 await v.page.setViewport({width:360,height:780,hasTouch:true,isMobile:true});
 await v.go('/job/demo-saloon-doors/plan#part');
 await v.open(/Outer faces/).catch(e=>console.log(String(e).slice(0,200)));
 await v.press('Add a place kept free').catch(e=>console.log(String(e).slice(0,200)));
 await v.page.screenshot({path:'/tmp/s3.png',fullPage:true});
 await b.close();
})();
