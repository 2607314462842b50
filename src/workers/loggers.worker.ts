import { expose } from "comlink";
import { loggers } from "./loggers";

expose(loggers);
