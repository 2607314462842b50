import { expose } from "comlink";
import { draws } from "./draws";

expose(draws);
