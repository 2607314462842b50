import Link from "next/link";
import { overviewWords as words } from "@/wording/overview";
import type { ExperimentView } from "./ClassPage";

interface Props {
  classId: string;
  experimentId: string;
  title: string;
  view: ExperimentView;
}

/** The title of an experiment, how it is looked at, and the way to the projector. */
export function ExperimentHead({ classId, experimentId, title, view }: Props) {
  const path = `/class/${classId}/experiment/${experimentId}`;
  const views = [
    { id: "glance", to: path, label: words.views.glance },
    { id: "benches", to: `${path}/benches`, label: words.views.benches },
  ] as const;
  return (
    <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h2 className="mr-auto font-serif text-lg font-semibold wrap-anywhere">{title}</h2>
      <nav aria-label={words.views.label} className="flex gap-4">
        {views.map(({ id, to, label }) => (
          <Link
            key={id}
            href={to}
            prefetch={false}
            aria-current={id === view ? "page" : undefined}
            className={`font-semibold ${id === view ? "border-brass border-b-2" : "text-soft hover:text-ink"}`}
          >
            {label}
          </Link>
        ))}
      </nav>
      <Link
        href={`/overview/${experimentId}`}
        prefetch={false}
        className="bg-page border-hairline hover:border-soft rounded-md border px-2.5 py-0.5 font-semibold"
      >
        {words.projector.open}
      </Link>
    </div>
  );
}
