import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";

/** Milliseconds until it is looked again. */
const AGAIN = 600_000;

export const BACKUPS = ["backups"];

/** Whether it is known that the last night's backup was not taken; of interest to owners alone. */
export function useLastNightFailed(isOwner: boolean): boolean {
  const { data, isError } = useQuery({
    queryKey: BACKUPS,
    queryFn: ({ signal }) => api.backups(signal),
    refetchInterval: AGAIN,
    enabled: isOwner,
  });
  return !isError && data !== undefined && data.failure !== "";
}
