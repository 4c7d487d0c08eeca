import { createServer } from 'vite'
const v = await createServer({ server: { middlewareMode: true }, appType: 'custom', logLevel: 'error', optimizeDeps: { noDiscovery: true } })
const R = await v.ssrLoadModule('/core/src/paints/optics/referenceOptics.ts'); const P = await v.ssrLoadModule('/core/src/pigments/reference.ts'); const M = await v.ssrLoadModule('/core/src/mixing/predict.ts'); const F = await v.ssrLoadModule('/core/src/mixing/recipes/findRecipes.ts'); const D = await v.ssrLoadModule('/core/src/colour/ciede2000.ts'); const G=await v.ssrLoadModule('/core/src/mixing/recipes/grids.ts')
const usable=P.REFERENCE_PIGMENTS.filter(p=>p.kind!=='effect')
const pick=n=>Array.from({length:n},(_,i)=>usable[Math.floor(i*usable.length/n)]).map(p=>({id:p.id,optics:R.referenceFilm(p)}))
for (const n of [24,48]) { const paints=pick(n)
 for (const lab of [[55,20,25],[40,-20,10],[60,-10,-30],[35,5,5],[75,10,50]]) {
  const t=performance.now(); let first; const g=F.findRecipes({target:{kind:'colour',lab:{white:'D65',L:lab[0],a:lab[1],b:lab[2]}},paints}); let s; while(!(s=g.next()).done) first??=performance.now()-t
  const best=s.value.value.best
  const ms=performance.now()-t
  const r=best.reduce((x,y)=>x.difference<y.difference?x:y)
  let ex=''
  if (n===24 && lab[0]===55) { let b=99; const ps=paints.map(p=>p.optics); let t2=performance.now(), ev=0
   for(let i=0;i<n;i++)for(let j=i+1;j<n;j++)for(let k=j+1;k<n;k++)for(const q of G.ratiosUpTo(3,8)){ if(((ev++)%7)!==0) continue; const m=M.mixOptics([{optics:ps[i],parts:q[0]},{optics:ps[j],parts:q[1]},{optics:ps[k],parts:q[2]}]).value; for(const L of F.LOADS){const l=M.colourAt(m,L); const d=D.ciede2000(l.L,l.a,l.b,...lab); if(d<b)b=d}}
   ex=' exhaustive(1/7) '+b.toFixed(3)+' '+(performance.now()-t2).toFixed(0)+'ms' }
  console.log(n,lab,'first',first.toFixed(0),'all',ms.toFixed(0),'best',r.difference.toFixed(3),JSON.stringify(r.paints),'rank1',best[0].difference.toFixed(2),JSON.stringify(best[0].paints),s.value.value.tried,ex) } }
await v.close()
