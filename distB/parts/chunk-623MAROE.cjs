var __defProp=Object.defineProperty;var __getOwnPropDesc=Object.getOwnPropertyDescriptor;var __getOwnPropNames=Object.getOwnPropertyNames;var __hasOwnProp=Object.prototype.hasOwnProperty;var __export=(target,all)=>{for(var name in all)__defProp(target,name,{get:all[name],enumerable:!0})},__copyProps=(to,from,except,desc)=>{if(from&&typeof from=="object"||typeof from=="function")for(let key of __getOwnPropNames(from))!__hasOwnProp.call(to,key)&&key!==except&&__defProp(to,key,{get:()=>from[key],enumerable:!(desc=__getOwnPropDesc(from,key))||desc.enumerable});return to};var __toCommonJS=mod=>__copyProps(__defProp({},"__esModule",{value:!0}),mod);var stdin_exports={};__export(stdin_exports,{environmentText:()=>environmentText});module.exports=__toCommonJS(stdin_exports);function environmentText({file,origin,about,changes}){const up="../".repeat(file.split("/").length-1),{hostname}=new URL(origin);return`# yaml-language-server: $schema=${up}.echo-trail/schemas/environment.json
${about===void 0?"":`about: ${JSON.stringify(about)}
`}${`changes: ${changes}`.padEnd(36)}# allow | ask | refuse: what happens to a call that changes something here
variables:
  origin: ${origin}
hosts: [${JSON.stringify(hostname.replace(/^\[|\]$/g,""))}]   # credentials go to these hosts only
timeout: {connect: 10s, total: 60s}
`}0&&(module.exports={environmentText});
module.exports=Object.defineProperty({...module.exports},"__esModule",{value:!0});
