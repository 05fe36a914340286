import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { client, got } from "../api/client";

const KEY = ["pairing"];

/** Whether devices can come, where, and which did; looked at again while one may be coming. */
export function usePairing(coming: boolean) {
  return useQuery({
    queryKey: KEY,
    queryFn: async () => got(await client.GET("/api/pairing")),
    refetchInterval: coming ? 2000 : false,
  });
}

/** Switch the door on and off, ask for a code, forget a device. */
export function usePairingChanges() {
  const queries = useQueryClient();
  const onSuccess = (now: unknown) => queries.setQueryData(KEY, now);
  const on = useMutation({
    mutationFn: async (address: string) =>
      got(await client.PUT("/api/pairing/door", { body: { address } })),
    onSuccess,
  });
  const off = useMutation({
    mutationFn: async () => got(await client.DELETE("/api/pairing/door")),
    onSuccess,
  });
  const code = useMutation({
    mutationFn: async () => got(await client.POST("/api/pairing/code")),
  });
  const forget = useMutation({
    mutationFn: async (device: string) =>
      got(await client.DELETE("/api/pairing/devices/{device}", { params: { path: { device } } })),
    onSuccess,
  });
  return { on, off, code, forget };
}
