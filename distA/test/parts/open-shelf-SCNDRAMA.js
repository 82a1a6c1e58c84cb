import {
  openShelf,
  rememberShelf
} from "./chunk-EHMCN4QA.js";
import "./chunk-REWHJNK7.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-FSPVDUAZ.js";
export {
  openShelf,
  rememberShelf
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
