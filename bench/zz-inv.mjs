import { bundled } from "./core.mjs";
const { placeSheet, pointwise } = await bundled("proof", `export { placeSheet, pointwise } from "./core/negative/index.ts";`);
const W=6000,H=4000; const b=new Uint8Array(W*H); let st=1; for(let i=0;i<b.length;i++){st=(Math.imul(st,1103515245)+12345)&0x7fffffff; b[i]=120+60*Math.sin(i%6000/90)*Math.cos((i/6000|0)/130)+((st>>20)%8);}
const scan={width:W,height:H,channels:1,samples:b,most:255,encoding:null};
const settings={medium:{ least: 0.05, most: 2.05, range: 110, iso: 6 },sheet:{ width: 254, height: 169.3333333333,corners:[[0,0],[W,0],[W,H],[0,H]]},white:0.85};
const cpu=(name,f)=>{const a=process.cpuUsage();const r=f();const{user,system}=process.cpuUsage(a);console.log(name,user/1000,system/1000);return r};
for(let k=0;k<8;k++){const p=cpu("place",()=>placeSheet(scan,settings));cpu("pointwise",()=>pointwise(scan,settings,p));}
