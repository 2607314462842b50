export { curveOrder } from "@/pipeline/curves/curveOrder";
export { fitFigure } from "@/pipeline/lines/fit";
