import { sayings } from "@/wording/sayings";
import { stages } from "@/wording/stages";
import { StageLayout } from "../parts/StageLayout";

/** A stage that is not built yet: one line on what will come. */
export function LaterRoom({ stage }: { stage: keyof typeof sayings.later }) {
  return (
    <StageLayout
      page={
        <div className="py-24 text-center">
          <h1 className="font-serif text-[18px] font-semibold">
            {stages.find(({ id }) => id === stage)?.label}
          </h1>
          <p className="text-soft mt-1 text-base">{sayings.later[stage]}</p>
        </div>
      }
      margin={null}
    />
  );
}
