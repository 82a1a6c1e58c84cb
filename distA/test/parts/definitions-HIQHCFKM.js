import {
  collectDefinitions,
  foreignReferences,
  namedSchemas
} from "./chunk-WJPACLOL.js";
import "./chunk-7DIEYAMQ.js";
import "./chunk-HJ67CAUM.js";
import "./chunk-M6H7XQX2.js";
import "./chunk-IQWA53IU.js";
import "./chunk-FSPVDUAZ.js";
export {
  collectDefinitions,
  foreignReferences,
  namedSchemas
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
