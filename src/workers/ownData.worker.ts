import { expose } from "comlink";
import { ownData } from "./ownData";

expose(ownData);
