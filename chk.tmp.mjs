import { createServer } from 'vite'
import { readFileSync } from 'node:fs'
const v = await createServer({ server: { middlewareMode: true }, appType: 'custom', logLevel: 'error', optimizeDeps: { noDiscovery: true } })
const c = await v.ssrLoadModule('/core/src/index.ts')
const t=readFileSync('core/tests/published/cie-test-colours.csv','utf8')
const r=c.readSpectra(t); for(const s of r.value.samples) console.log(c.xyzOfReflectance(s.reflectance))
const obs=readFileSync('data/observer/cie-1931-2deg-d65.csv','utf8').trim().split('\n').slice(1).map(l=>l.split(',').map(Number))
const [h,...rows]=t.trim().split('\n').map(l=>l.split(','))
for(const row of rows){const at=new Map(h.slice(1).map((n,i)=>[+n,+row[i+1]])); let X=0,Y=0,Z=0,W=0; for(const [nm,x,y,z,d] of obs){const q=at.get(Math.min(780,nm)); X+=x*d*q;Y+=y*d*q;Z+=z*d*q;W+=y*d}; console.log('full',100*X/W,100*Y/W,100*Z/W)}
await v.close()
