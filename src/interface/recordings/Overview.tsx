"use client";

import { recordingWords } from "@/wording/recordings";
import { useInvestigation } from "../store/useInvestigation";
import { Edge } from "./Edge";
import { edges } from "./paintTrace";
import { useDesk, useDeskState, useRecordingInHand } from "./RecordingsProvider";
import { chooseOf } from "./readingOff";
import { type Laid, TracePaper } from "./TracePaper";
import { useTracesInHand } from "./useTraces";

/** At least so many s are shown while a recording has just begun. */
const shownAtFirst = 10;
const [wholeHeight, mostHeight] = [214, 340];

interface Part {
  laid: Laid;
  from: number;
  to: number;
  className: string;
}

/** A part of the trace, from one time to another, with a ground of its own. */
function Ground({ laid: { x, paper }, from, to, className }: Part) {
  const left = Math.max(edges.left, x(from));
  const right = Math.min(paper.width - edges.right, x(to));
  if (!(right > left)) return null;
  return (
    <span
      aria-hidden
      style={{ left, width: right - left }}
      className={`pointer-events-none absolute top-[20px] bottom-[22px] ${className}`}
    />
  );
}

/** What takes no part is pale, what is set aside is hatched, the stretch in hand lies on a wash. */
export function Grounds({ laid }: { laid: Laid }) {
  const recording = useRecordingInHand();
  const stretch = useDeskState((state) => state.stretch);
  const dragged = useDeskState((state) => state.dragged);
  if (!recording) return null;
  const { from, to } = dragged ?? recording.trim;
  const pale = "bg-[#e9eeee]/75";
  return (
    <>
      {from !== null && <Ground laid={laid} from={-Infinity} to={from} className={pale} />}
      {to !== null && <Ground laid={laid} from={to} to={Infinity} className={pale} />}
      {Object.entries(recording.aside).map(([id, one]) => (
        <Ground
          key={id}
          laid={laid}
          from={one.from}
          to={one.to}
          className="bg-[repeating-linear-gradient(135deg,#5a727a55_0_1px,#ffffffaa_1px_7px)]"
        />
      ))}
      {stretch && (
        <Ground laid={laid} from={stretch.from} to={stretch.to} className="bg-petrol/10" />
      )}
    </>
  );
}

/** The two edges of the trim: what lies outside takes no part. */
function TrimEdges({ laid, whole }: { laid: Laid; whole: number }) {
  const desk = useDesk();
  const recording = useRecordingInHand();
  const dragged = useDeskState((state) => state.dragged);
  const readOnly = useInvestigation((state) => state.readOnly);
  if (!recording || readOnly) return null;
  const trim = dragged ?? recording.trim;
  const [from, to] = [trim.from ?? 0, trim.to ?? whole];
  const move = (changed: Partial<typeof trim>) =>
    desk.state.setState({ dragged: { ...trim, ...changed } });
  const done = (changed: Partial<typeof trim>) => {
    desk.state.setState({ dragged: undefined });
    void chooseOf(desk, recording.id, { trim: { ...recording.trim, ...changed } });
  };
  const begin = (time: number) => (time > 0 ? time : null);
  const end = (time: number) => (time < whole ? time : null);
  const common = { laid, look: "brass" } as const;
  return (
    <>
      <Edge
        {...common}
        label={recordingWords.edge.from}
        at={from}
        least={0}
        greatest={to}
        onMove={(time) => move({ from: begin(time) })}
        onDone={(time) => done({ from: begin(time) })}
      />
      <Edge
        {...common}
        label={recordingWords.edge.to}
        at={to}
        least={from}
        greatest={whole}
        onMove={(time) => move({ to: end(time) })}
        onDone={(time) => done({ to: end(time) })}
      />
    </>
  );
}

/** The ends of the stretch in hand, to be moved by hand or by keys. */
export function StretchEnds({ laid }: { laid: Laid }) {
  const desk = useDesk();
  const stretch = useDeskState((state) => state.stretch);
  const whole = desk.lasting(useDeskState(({ inHand }) => inHand) ?? "");
  if (!stretch) return null;
  const put = (changed: Partial<typeof stretch>) => desk.draw({ ...stretch, ...changed });
  return (
    <>
      <Edge
        laid={laid}
        look="petrol"
        label={recordingWords.ends.from}
        at={stretch.from}
        least={0}
        greatest={stretch.to}
        onMove={(from) => put({ from })}
        onDone={(from) => put({ from })}
      />
      <Edge
        laid={laid}
        look="petrol"
        label={recordingWords.ends.to}
        at={stretch.to}
        least={stretch.from}
        greatest={whole}
        onMove={(to) => put({ to })}
        onDone={(to) => put({ to })}
      />
    </>
  );
}

/** What the lower trace shows, as a bar under the upper one. */
function NearBar({ laid: { x, paper } }: { laid: Laid }) {
  const view = useDeskState((state) => state.view ?? state.stretch);
  if (!view) return null;
  const left = Math.max(edges.left, x(view.from));
  const right = Math.min(paper.width - edges.right, x(view.to));
  return (
    <span
      aria-hidden
      data-testid="near-bar"
      style={{ left, width: Math.max(2, right - left) }}
      className="bg-soft pointer-events-none absolute bottom-[19px] h-[3px]"
    />
  );
}

/** The whole recording in hand, a sheet for each channel, with the trim's edges and the stretch that is drawn over it. */
export function Overview({ name }: { name: string }) {
  const desk = useDesk();
  const id = useDeskState(({ inHand }) => inHand);
  const channel = useDeskState((state) => state.channel);
  const running = useDeskState(({ running: one }) => one !== undefined && one.id === id);
  useDeskState(({ drawn }) => drawn);
  const traces = useTracesInHand();
  if (!id || traces.length === 0) return null;
  const whole = desk.lasting(id);
  const span = { from: 0, to: Math.max(whole, 1e-9) };
  const follow = () => ({ from: 0, to: Math.max(shownAtFirst, desk.lasting(id)) });
  const height = Math.max(96, Math.min(wholeHeight, mostHeight / traces.length));
  return traces.map((trace) => (
    <TracePaper
      key={trace.channel}
      label={recordingWords.whole({ name })}
      height={height}
      span={span}
      traces={[trace]}
      following={running ? follow : undefined}
      onDraw={
        running
          ? undefined
          : (stretch) => {
              if (trace.channel !== channel) desk.state.setState({ channel: trace.channel });
              desk.draw(stretch);
              desk.look(undefined);
            }
      }
    >
      {(laid) =>
        !running && (
          <>
            <Grounds laid={laid} />
            <NearBar laid={laid} />
            <StretchEnds laid={laid} />
            <TrimEdges laid={laid} whole={whole} />
          </>
        )
      }
    </TracePaper>
  ));
}
