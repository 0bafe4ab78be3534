import { runInNewContext } from 'node:vm';
import { expect, it } from 'vitest';
import { bracketModules } from './bracket-modules';

const HEAD = '(globalThis.TURBOPACK||(globalThis.TURBOPACK=[])).push(["object"==typeof document?document.currentScript:void 0,';

it('puts every module in brackets, whatever kind of function it is, and nothing within one', () => {
  expect(bracketModules(`${HEAD}12,(e,t)=>{e.v=[()=>1,function(){}]},345,function(e){return"(e)=>{}"},6,async e=>({})]);`)).toBe(
    `${HEAD}12,((e,t)=>{e.v=[()=>1,function(){}]}),345,(function(e){return"(e)=>{}"}),6,(async e=>({}))]);`,
  );
});

it('leaves modules doing what they did', () => {
  const script = `${HEAD}1,e=>e+1,2,e=>({e}),3,function(e){return[e]}]);`;
  const told = (text: string): unknown => {
    const at: { TURBOPACK?: ReadonlyArray<readonly unknown[]> } = {};
    runInNewContext(text, at);
    return at.TURBOPACK?.[0].map((one) => (typeof one === 'function' ? (one as (of: number) => unknown)(7) : one));
  };
  expect(JSON.stringify(told(bracketModules(script)))).toBe(JSON.stringify(told(script)));
  expect(JSON.stringify(told(script))).toBe('[null,1,8,2,{"e":7},3,[7]]');
});

it('does nothing twice, and nothing to other scripts', () => {
  const once = bracketModules(`${HEAD}1,e=>e]);`);
  expect(bracketModules(once)).toBe(once);
  for (const other of ['', 'self.onmessage=()=>{};', '(()=>{start()})();', 'run([1,2]);', 'go(e=>e);'])
    expect(bracketModules(other)).toBe(other);
  expect(() => bracketModules('half a (')).toThrow(SyntaxError);
});
