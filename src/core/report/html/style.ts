/** The style sheet of a page about runs: light and dark by the reader's choice, for paper, and for narrow screens. */
export const style = `
:root{color-scheme:light dark;--paper:#fbfaf6;--ink:#1d2b33;--quiet:#5c6b73;--line:#d9d5c7;--band:#f1eee3;--good:#0b6e69;--bad:#a8321a;--wait:#9a6a00;--none:#7b8790;--area:#7fb2bd;--p1:#8a7fb5;--p2:#c08a3e;--p3:#5b8c5a;--p4:#3d7f94;--p5:#9cc0c9}
@media (prefers-color-scheme:dark){:root{--paper:#12191d;--ink:#e4e2d8;--quiet:#9eabb2;--line:#33414a;--band:#1a242a;--good:#5cc4b8;--bad:#f08a70;--wait:#e0b04c;--none:#8b989f;--area:#3d7f94;--p1:#a79dd0;--p2:#d9a55c;--p3:#82b381;--p4:#5fa9bf;--p5:#2f5a67}}
*{box-sizing:border-box}
body{margin:0;background:var(--paper);color:var(--ink);font:16px/1.5 system-ui,sans-serif}
main{max-width:64rem;margin:0 auto;padding:1.5rem 1rem 4rem}
h1{font-size:1.6rem;line-height:1.25;margin:0 0 .25rem}h2{font-size:1.15rem;margin:2.25rem 0 .75rem;border-bottom:2px solid var(--line);padding-bottom:.25rem}h3{font-size:1rem;margin:1.25rem 0 .5rem}
p{margin:.4rem 0}.quiet{color:var(--quiet)}
.good{color:var(--good)}.bad{color:var(--bad)}.wait{color:var(--wait)}.none{color:var(--none)}
dl.totals{display:flex;flex-wrap:wrap;gap:.5rem;margin:1rem 0}
dl.totals div{background:var(--band);border-radius:.4rem;padding:.5rem .9rem;min-width:7rem}
dl.totals dt{font-size:.8rem;color:var(--quiet)}dl.totals dd{margin:0;font-size:1.25rem;font-weight:600}
.wide{overflow-x:auto}
table{border-collapse:collapse;width:100%;font-size:.9rem}
caption{text-align:left;color:var(--quiet);padding-bottom:.3rem}
th,td{text-align:left;padding:.3rem .7rem .3rem 0;border-bottom:1px solid var(--line);vertical-align:top}
td.number,th.number{text-align:right;white-space:nowrap;font-variant-numeric:tabular-nums}
td.cell,th.check{text-align:center;padding:.3rem}
code,pre{font:.85rem/1.45 ui-monospace,monospace;overflow-wrap:anywhere}
pre{white-space:pre-wrap;background:var(--band);padding:.6rem .8rem;border-radius:.4rem;margin:.5rem 0}
details{border:1px solid var(--line);border-radius:.4rem;margin:.5rem 0;background:var(--band)}
summary{padding:.5rem .8rem;cursor:pointer;font-weight:600}summary:focus-visible,a:focus-visible{outline:3px solid var(--wait);outline-offset:2px}
details>div{padding:0 .8rem .8rem}
details details{background:var(--paper)}
svg{display:block;width:100%;min-width:34rem;height:auto;font:12px system-ui,sans-serif}svg.small{min-width:0}
svg text{fill:var(--ink)}svg text.failed{fill:var(--bad)}.grid{stroke:var(--line)}.area{fill:var(--area)}.mark{stroke:var(--bad);stroke-dasharray:4 3}.mark-name{font-weight:600}
.lookup{fill:var(--p1)}.connect{fill:var(--p2)}.tls{fill:var(--p3)}.waiting{fill:var(--p4)}.receiving{fill:var(--p5)}
.s1,.s2,.s3{fill:var(--good)}a{color:var(--good)}.s0,.s4,.s5{fill:var(--bad)}
.figures{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,1fr);gap:1.5rem;align-items:start}
ul.key{display:flex;flex-wrap:wrap;gap:.2rem 1rem;list-style:none;padding:0;margin:.4rem 0;font-size:.85rem}
ul.key li::before{content:"";display:inline-block;width:.8rem;height:.8rem;margin-right:.4rem;border-radius:.15rem;vertical-align:-.1rem}
li.lookup::before{background:var(--p1)}li.connect::before{background:var(--p2)}li.tls::before{background:var(--p3)}li.waiting::before{background:var(--p4)}li.receiving::before{background:var(--p5)}
@media (max-width:40rem){main{padding:1rem .75rem 3rem}.figures{grid-template-columns:minmax(0,1fr)}}
@media print{:root{color-scheme:light}body{background:#fff;font-size:11pt}main{max-width:none}details{break-inside:avoid}}
`.replaceAll('\n', '');
