import {
  openTransport
} from "./chunk-EL2VJIY4.js";
import "./chunk-ZDSFE6MK.js";
import "./chunk-77DFO3CW.js";
import "./chunk-J7IJ6DS5.js";
import "./chunk-4DNYAMDJ.js";
import "./chunk-UHUDVQF4.js";
import "./chunk-IQWA53IU.js";
import "./chunk-ELCQYB6S.js";
import "./chunk-ZC7SUIQQ.js";
import "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";
export {
  openTransport
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
