import { expose } from "comlink";
import { recordings } from "./recordings";

expose(recordings);
