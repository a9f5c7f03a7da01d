import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";

/** Milliseconds until it is looked again whether somebody wrote. */
const AGAIN = 60_000;

/** How many messages nobody has read yet; 0 until it is known. */
export function useUnread(): number {
  const { data } = useQuery({
    queryKey: ["unread messages"],
    queryFn: ({ signal }) => api.unread(signal),
    refetchInterval: AGAIN,
  });
  return data?.unread ?? 0;
}
