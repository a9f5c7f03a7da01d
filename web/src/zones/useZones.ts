import { useQuery } from "@tanstack/react-query";
import { api, type PlacedDto, type Zone, type ZonesDto } from "../api/client";

/** How a menu stands when nothing is said: as the zone has it. */
export const AS_THE_ZONE: Omit<PlacedDto, "menu"> = {
  form: null,
  size: null,
  alignment: null,
  gap: null,
  overflow: null,
  fromLevel: 1,
  levels: null,
  currentBranchOnly: false,
};

/** The zone table at a revision, and what one page has in its zones. */
export function useZones(revision: number, page: string | null) {
  return useQuery({
    queryKey: ["zones", revision, page],
    queryFn: () => api.zones(page),
    placeholderData: (previous) => previous,
  });
}

/** The menus that stand in a zone of every page. */
export function everywhere(zones: ZonesDto | undefined, zone: Zone): readonly PlacedDto[] {
  return (
    zones?.rows.find((row) => row.scope.kind === "EVERYWHERE")?.cells.find((cell) => cell.zone === zone)?.says
      .menus ?? []
  );
}
