import { expose } from "comlink";
import { files } from "./files";

expose(files);
