"use client";

import { usePathname } from "next/navigation";
import { laterPart } from "../later/laterPart";
import { useLive } from "../parts/useLive";
import type { WorkspaceProps } from "../shell/Workspace";
import { DeviceShelf } from "./DeviceShelf";

const Workspace = laterPart(() => import("../shell/Workspace").then((part) => part.Workspace));

/** Stands in for a page of the server while that is away: the investigation that the address names, or all that this device holds. */
export function HerePage(props: Omit<WorkspaceProps, "investigationId" | "opened">) {
  const [, room, id] = usePathname().split("/");
  if (!useLive()) return null;
  if (room !== "investigation" || id === undefined) return <DeviceShelf />;
  return <Workspace {...props} investigationId={id} opened={undefined} />;
}
