"use client";

import { type Remote, wrap } from "comlink";
import { useEffect, useRef } from "react";
import type { FigureSpecification, PointsSpecification } from "@/figure/specification";
import type { Crowd as CrowdDoor } from "@/workers/crowd";

const nothing: PointsSpecification = {
  x: [],
  y: [],
  aside: { x: [], y: [] },
  xBars: { up: [], down: [] },
  yBars: { up: [], down: [] },
};

/** Has the newest figure drawn by a worker of its own; those that came while it was drawing are passed over. */
class CrowdDrawer {
  private readonly worker = new Worker(new URL("../../workers/crowd.worker.ts", import.meta.url), {
    type: "module",
  });
  private readonly door: Remote<CrowdDoor> = wrap<CrowdDoor>(this.worker);
  private taken: readonly unknown[] = [];
  private wanted: FigureSpecification | undefined;
  private busy = false;

  constructor(private readonly canvas: HTMLCanvasElement) {}

  show(figure: FigureSpecification): void {
    this.wanted = figure;
    if (!this.busy) void this.work();
  }

  stop(): void {
    this.worker.terminate();
  }

  private async work(): Promise<void> {
    this.busy = true;
    while (this.wanted) {
      const figure = this.wanted;
      this.wanted = undefined;
      await this.draw(figure);
    }
    this.busy = false;
  }

  private async draw(figure: FigureSpecification): Promise<void> {
    const values = figure.series.flatMap(({ points }) => [points.x, points.y, points.aside]);
    const same = values.length === this.taken.length && values.every((v, i) => v === this.taken[i]);
    if (!same) await this.door.take(figure.series.map(({ points }) => points));
    this.taken = values;
    const series = figure.series.map((one) => ({ ...one, points: nothing, lines: [] }));
    const width = Math.round(this.canvas.clientWidth * (window.devicePixelRatio || 1));
    if (width === 0) return;
    const picture = await this.door.draw({ ...figure, series }, width);
    if (!picture) return;
    this.canvas.width = picture.width;
    this.canvas.height = picture.height;
    this.canvas.getContext("2d")?.drawImage(picture, 0, 0);
    picture.close();
  }
}

/** Thousands of points over the rest of the figure. */
export function Crowd({ figure }: { figure: FigureSpecification }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const drawer = useRef<CrowdDrawer>(undefined);
  const newest = useRef(figure);
  useEffect(() => {
    const target = canvas.current;
    if (!target) return;
    const own = new CrowdDrawer(target);
    drawer.current = own;
    const watch = new ResizeObserver(() => own.show(newest.current));
    watch.observe(target);
    return () => {
      watch.disconnect();
      own.stop();
    };
  }, []);
  useEffect(() => {
    newest.current = figure;
    drawer.current?.show(figure);
  }, [figure]);
  return (
    <canvas ref={canvas} aria-hidden className="pointer-events-none absolute inset-0 size-full" />
  );
}
