import {
  withOverlay
} from "./chunk-7GFLFNIQ.js";
import "./chunk-HJ67CAUM.js";
import "./chunk-TNGRBWFR.js";
import "./chunk-36BGEIU2.js";
import "./chunk-IQWA53IU.js";
import "./chunk-WDD3S5O6.js";
import "./chunk-FSPVDUAZ.js";
import "./chunk-XGDOGID3.js";
export {
  withOverlay
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
