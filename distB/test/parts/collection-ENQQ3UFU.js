import {
  openCollection
} from "./chunk-FMJ76NV5.js";
import "./chunk-XHTX6VQM.js";
import "./chunk-REWHJNK7.js";
import "./chunk-CFOFBHOV.js";
import "./chunk-B5MWC56M.js";
import "./chunk-IIWAP3H3.js";
import "./chunk-VV4FZXZN.js";
import "./chunk-ADLZ4E65.js";
import "./chunk-2NSBAQ4L.js";
import "./chunk-IQWA53IU.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-FSPVDUAZ.js";
import "./chunk-XGDOGID3.js";
export {
  openCollection
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
