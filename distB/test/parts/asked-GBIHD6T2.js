import {
  readAnswers,
  withAnswers,
  writeAnswers
} from "./chunk-MEFVM56I.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-IBVRGXBJ.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-FSPVDUAZ.js";
export {
  readAnswers,
  withAnswers,
  writeAnswers
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
