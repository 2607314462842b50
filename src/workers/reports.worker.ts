import { expose } from "comlink";
import { reports } from "./reports";

expose(reports);
