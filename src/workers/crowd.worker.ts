import { expose } from "comlink";
import { crowd } from "./crowd";

expose(crowd);
