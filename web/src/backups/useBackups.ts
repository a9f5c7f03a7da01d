import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";

/** Milliseconds until it is looked again. */
const AGAIN = 600_000;

export const BACKUPS = ["backups"];

/** The backups there are, for owners alone. */
export function useBackups(isOwner = true) {
  return useQuery({
    queryKey: BACKUPS,
    queryFn: ({ signal }) => api.backups(signal),
    refetchInterval: AGAIN,
    enabled: isOwner,
  });
}

/** Whether it is known that the last night's was not taken. */
export function useLastNightFailed(isOwner: boolean): boolean {
  return (useBackups(isOwner).data?.failure ?? "") !== "";
}
