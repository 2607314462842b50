import { jointPart } from "@/core/result/jointUncertainty";
import { type PropagationRule, sharesOf } from "@/core/uncertainty/propagate";
import type { Gradient, NamedInput, ResultPart, WorkedResult } from "./evaluatedResult";
import type { CommonInput } from "../lines/commonInputs";
import type { SourceNumbers } from "./source";

const dot = (a: readonly number[], b: readonly number[]) =>
  a.reduce((sum, part, i) => sum + part * (b[i] ?? 0), 0);

class GradientSum implements Gradient {
  readonly common = new Map<string, { common: CommonInput; slope: number }>();
  readonly sources = new Map<string, { source: SourceNumbers; slopes: readonly number[] }>();

  addCommon(common: CommonInput, slope: number): void {
    const before = this.common.get(common.key)?.slope ?? 0;
    this.common.set(common.key, { common, slope: before + slope });
  }

  private addSlopes(source: SourceNumbers, slopes: readonly number[]): void {
    const before = this.sources.get(source.key)?.slopes ?? [];
    const sum = slopes.map((slope, i) => slope + (before[i] ?? 0));
    this.sources.set(source.key, { source, slopes: sum });
  }

  /** Along one number of a source, and along what moves that number. */
  addSource(source: SourceNumbers, index: number, slope: number): void {
    const slopes = source.joint.names.map((_, i) => (i === index ? slope : 0));
    this.addSlopes(source, slopes);
    for (const { common, slopes: moved } of source.dependences) {
      this.addCommon(common, dot(slopes, moved));
    }
  }

  /** Along everything that an earlier result rests on, so that nothing counts twice. */
  addResult({ gradient }: WorkedResult, slope: number): void {
    for (const one of gradient.common.values()) this.addCommon(one.common, slope * one.slope);
    for (const { source, slopes } of gradient.sources.values()) {
      this.addSlopes(source, slopes.map((own) => slope * own)); // prettier-ignore
    }
  }
}

/** The slopes of a result along constants and fits, whatever the way by which they enter it. */
export function gradientOf(inputs: readonly NamedInput[]): Gradient {
  const sum = new GradientSum();
  for (const { input, slope } of inputs) {
    switch (input.kind) {
      case "result":
        sum.addResult(input.of, slope);
        break;
      case "source":
        sum.addSource(input.source, input.index, slope);
        break;
      case "constant": {
        const { id, uncertainty: size } = input.constant;
        if (size > 0) sum.addCommon({ key: id, id, kind: "constant", size }, slope);
      }
    }
  }
  return sum;
}

/**
 * What everything brings to the ± of a result, the largest first.
 * @param factor SI units in the shown unit.
 * @param exact what a source brings, in SI units, where it is known beyond first order.
 */
export function resultParts(
  gradient: Gradient,
  factor: number,
  rule: PropagationRule,
  exact?: { readonly key: string; readonly size: number },
): readonly ResultPart[] {
  const plain = [
    ...[...gradient.sources.values()].map(({ source, slopes }) => ({
      kind: "source" as const,
      id: source.about,
      size: (exact?.key === source.key ? exact.size : jointPart(source.joint, slopes)) / factor,
    })),
    ...[...gradient.common.values()].map(({ common, slope }) => ({
      kind: common.kind,
      id: common.id,
      slope,
      size: (Math.abs(slope) * common.size) / factor,
    })),
  ].filter(({ size }) => size > 0);
  const sizes = plain.map(({ size }) => size);
  const shares = sharesOf(rule, sizes);
  return plain
    .map((part, i): ResultPart => ({ ...part, share: shares[i] ?? 0 }))
    .sort((a, b) => b.size - a.size);
}
