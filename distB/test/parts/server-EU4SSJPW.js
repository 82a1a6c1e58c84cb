import {
  startStandin
} from "./chunk-7VNSEZX4.js";
import "./chunk-DQ7YWKYH.js";
import "./chunk-PT2BEWRF.js";
import "./chunk-V5NERUUT.js";
import "./chunk-T4I6LV4Y.js";
import "./chunk-Y4XV6NBT.js";
import "./chunk-TZ2EJF72.js";
export {
  startStandin
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
