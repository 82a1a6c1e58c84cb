import {
  keptIndex,
  overlaid,
  readFresh,
  readSource,
  remade,
  stampOf
} from "./chunk-SLY34PON.js";
import "./chunk-FSYFZ44W.js";
import "./chunk-VVIFMYK7.js";
import "./chunk-7DIEYAMQ.js";
import "./chunk-HJ67CAUM.js";
import "./chunk-EJ3MTJ5C.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import "./chunk-IQWA53IU.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-FSPVDUAZ.js";
export {
  keptIndex,
  overlaid,
  readFresh,
  readSource,
  remade,
  stampOf
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
