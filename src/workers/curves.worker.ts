import { expose } from "comlink";
import { curves } from "./curves";

expose(curves);
