"use client";

import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from "react";
import type { Finding } from "@/core/finding/finding";
import type { Curve } from "@/investigation/model/curve";
import { inOrder } from "@/investigation/model/order";
import type { OrderedCurve } from "@/pipeline/curves/curveOrder";
import type { FittedCurve } from "@/pipeline/curves/fittedCurves";
import type { HouseRules } from "@/investigation/model/houseRules";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { useSpeaking } from "../language/Speaking";
import { curveName } from "@/wording/curves";
import { useLater } from "../later/useLater";
import { fitLater } from "./fitLater";
import { CurveKeeper, type Fitting } from "./curveKeeper";
import { useFigures, useHouseRules, useTables } from "./useEvaluated";
import { useInvestigation } from "./useInvestigation";

/** A curve of a figure and how far it is. */
export interface CurveState {
  readonly id: string;
  readonly curve: Curve;
  readonly name: string;
  readonly ordered: OrderedCurve;
  /** The newest fit, or while a new one is made the one before. */
  readonly fitted?: FittedCurve;
  /** Why there is no curve. */
  readonly finding?: Finding;
  readonly fitting?: Fitting;
}

interface AllCurves {
  readonly of: ReadonlyMap<string, readonly CurveState[]>;
  readonly keeper: CurveKeeper;
}

const CurvesContext = createContext<AllCurves | undefined>(undefined);
const none: readonly CurveState[] = [];

interface Ordered {
  readonly figure: string;
  readonly id: string;
  readonly curve: Curve;
  readonly ordered: OrderedCurve;
}

const unordered: readonly Ordered[] = [];

/** Every curve of every figure with what is to be fitted. */
function useOrders(): readonly Ordered[] {
  const tables = useTables();
  const figures = useFigures();
  const rules = useHouseRules();
  const constants = useInvestigation((state) => state.document.constants);
  const any = figures.some(({ figure }) => Object.keys(figure.curves).length > 0);
  const tools = useLater(fitLater, any);
  return useMemo(() => {
    if (!any || !tools) return unordered;
    const { curveOrder, fitFigure } = tools;
    return figures.flatMap(({ id: figure, figure: own }) => {
      const curves = inOrder(own.curves);
      const fit = curves.length > 0 ? fitFigure(tables, own, rules) : undefined;
      if (!fit) return [];
      return curves.map(([id, curve]) => ({
        figure,
        id,
        curve,
        ordered: curveOrder(fit, curve, rules, constants),
      }));
    });
  }, [tables, figures, rules, constants, any, tools]);
}

function stateOf(
  { id, curve, ordered }: Ordered,
  keeper: CurveKeeper,
  before: ReadonlyMap<string, FittedCurve>,
  rules: HouseRules,
): CurveState {
  const plain = { id, curve, name: curveName(curve), ordered };
  const name = inItsLanguage(rules, () => curveName(curve));
  if (ordered.kind === "refused") return { ...plain, finding: ordered.finding };
  const { order } = ordered;
  const outcome = keeper.outcomeOf(order);
  if (outcome?.kind === "no-curve") return { ...plain, finding: outcome.finding };
  if (outcome) return { ...plain, fitted: { id, curve, name, order, fit: outcome.fit } };
  const fitting = keeper.fittingOf(order);
  const old = before.get(id);
  const same = old?.order.model === order.model ? { ...old, curve, name } : undefined;
  return { ...plain, ...(fitting && { fitting }), ...(same && { fitted: same }) };
}

/** Keeps all curves of the investigation fitted. */
export function CurvesProvider({ children }: { children: ReactNode }) {
  const [keeper] = useState(() => new CurveKeeper());
  const rules = useHouseRules();
  const { language } = useSpeaking();
  const orders = useOrders();
  const version = useSyncExternalStore(keeper.subscribe, keeper.snapshot, () => 0);
  const [before, setBefore] = useState<ReadonlyMap<string, FittedCurve>>(new Map());
  useEffect(() => {
    keeper.want(
      new Map(
        orders.flatMap(({ id, ordered }) =>
          ordered.kind === "order" ? [[id, ordered.order] as const] : [],
        ),
      ),
    );
  }, [keeper, orders]);
  useEffect(() => () => keeper.stop(), [keeper]);
  const states = useMemo(
    () => orders.map((one) => ({ figure: one.figure, state: stateOf(one, keeper, before, rules) })),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the version says that the keeper knows more; names are said anew
    [orders, keeper, before, version, rules, language],
  );
  const newest = states.flatMap(({ state: { id, fitted } }) =>
    fitted ? [[id, fitted] as const] : [],
  );
  if (newest.some(([id, fitted]) => before.get(id)?.fit !== fitted.fit)) {
    setBefore(new Map([...before, ...newest]));
  }
  const all = useMemo(() => {
    const of = new Map<string, CurveState[]>();
    for (const { figure, state } of states) of.set(figure, [...(of.get(figure) ?? []), state]);
    return { of, keeper };
  }, [states, keeper]);
  return <CurvesContext value={all}>{children}</CurvesContext>;
}

/** The curves of a figure. */
export function useCurvesOf(figure: string | undefined): readonly CurveState[] {
  const all = useContext(CurvesContext);
  return (figure !== undefined ? all?.of.get(figure) : undefined) ?? none;
}

const nowhere: ReadonlyMap<string, readonly CurveState[]> = new Map();

/** The curves of every figure, by its id. */
export function useAllCurves(): ReadonlyMap<string, readonly CurveState[]> {
  return useContext(CurvesContext)?.of ?? nowhere;
}

/** Gives fits up and takes them up again. */
export function useCurveKeeper(): CurveKeeper | undefined {
  return useContext(CurvesContext)?.keeper;
}
