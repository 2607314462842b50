/** `npm run build`: makes the application and the server's commands. */
import { ensureBuild } from "./provision/build.mjs";
import { main } from "./provision/run.mjs";

await main(ensureBuild);
