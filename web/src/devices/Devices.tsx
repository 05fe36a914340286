import { Button, Title } from "@mantine/core";
import { useEffect, useState } from "react";
import type { Code, Pairing } from "../api/client";
import { Act } from "../parts/Act";
import { Frame, HOME } from "../parts/Frame";
import { ProblemNote } from "../parts/Problem";
import { dated } from "../parts/time";
import { say } from "../words/say";
import classes from "./devices.module.css";
import { usePairing, usePairingChanges } from "./useDevices";

type Changes = ReturnType<typeof usePairingChanges>;

/** Tablets and phones for the easel: how they come here, a code for the next, and those that are paired. */
export function Devices() {
  const changes = usePairingChanges();
  const pairing = usePairing(changes.code.isSuccess);
  return (
    <Frame name="Washboard" stages={HOME}>
      <main className={classes.devices} aria-busy={pairing.isPending}>
        {pairing.error && <ProblemNote>{pairing.error.message}</ProblemNote>}
        <section>
          <Title order={1}>{say("devices-title")}</Title>
          <p>{say("devices-what")}</p>
          {pairing.data && <Door pairing={pairing.data} changes={changes} />}
        </section>
        <section>{pairing.data && <Paired pairing={pairing.data} changes={changes} />}</section>
      </main>
    </Frame>
  );
}

function Door({ pairing, changes }: { pairing: Pairing; changes: Changes }) {
  if (!pairing.url)
    return (
      <>
        <p>{say("devices-closed")}</p>
        {pairing.addresses.length === 0 && <p>{say("devices-no-network")}</p>}
        {pairing.addresses.map((address) => (
          <Button
            key={address}
            variant="filled"
            size="lg"
            mr={10}
            loading={changes.on.isPending}
            onClick={() => changes.on.mutate(address)}
          >
            {say("devices-switch-on", { address })}
          </Button>
        ))}
      </>
    );
  return (
    <>
      <p>
        {say("devices-open-at", { url: pairing.url })}{" "}
        <Act
          onClick={() => {
            changes.code.reset();
            changes.off.mutate();
          }}
        >
          {say("devices-switch-off")}
        </Act>
      </p>
      {changes.code.data && <Shown code={changes.code.data} key={changes.code.data.code} />}
      <Button
        variant={changes.code.data ? "default" : "filled"}
        size="lg"
        onClick={() => changes.code.mutate()}
      >
        {say(changes.code.data ? "devices-another-code" : "devices-code")}
      </Button>
      <p className="quiet">{say("devices-warning")}</p>
    </>
  );
}

/** The code of the moment, to be scanned or typed, until it is too old. */
function Shown({ code }: { code: Code }) {
  const left = useSecondsUntil(code.until);
  if (left <= 0) return <p>{say("devices-code-old")}</p>;
  const size = code.qr.length;
  const dark = code.qr.flatMap((row, y) =>
    [...row].flatMap((dot, x) => (dot === "1" ? [`M${x} ${y}h1v1h-1z`] : [])),
  );
  return (
    <div className={classes.code}>
      <svg viewBox={`-3 -3 ${size + 6} ${size + 6}`} role="img" aria-label={say("devices-qr")}>
        <rect x={-3} y={-3} width={size + 6} height={size + 6} fill="#fff" />
        <path d={dark.join("")} fill="#000" />
      </svg>
      <div>
        <p>{say("devices-scan")}</p>
        <b>{code.url}</b>
        <p>{say("devices-type")}</p>
        <b className={classes.letters}>
          {code.code.slice(0, 3)} {code.code.slice(3)}
        </b>
        <p className="quiet">
          {say("devices-valid", { minutes: Math.floor(left / 60), seconds: left % 60 })}
        </p>
      </div>
    </div>
  );
}

/** Whole seconds until a time, counted down. */
function useSecondsUntil(when: string): number {
  const left = () => Math.max(0, Math.round((new Date(when).getTime() - Date.now()) / 1000));
  const [seconds, setSeconds] = useState(left);
  useEffect(() => {
    const timer = setInterval(() => setSeconds(left()), 1000);
    return () => clearInterval(timer);
  });
  return seconds;
}

function Paired({ pairing, changes }: { pairing: Pairing; changes: Changes }) {
  return (
    <>
      <Title order={2}>{say("devices-paired")}</Title>
      {pairing.devices.length === 0 && <p className="quiet">{say("devices-none")}</p>}
      <ul className={classes.list}>
        {pairing.devices.map((device) => (
          <li key={device.id}>
            <b>{device.name}</b>{" "}
            <span className="quiet">{say("devices-seen", { seen: dated(device.seen) })}</span>{" "}
            <Act onClick={() => changes.forget.mutate(device.id)}>{say("devices-forget")}</Act>
          </li>
        ))}
      </ul>
    </>
  );
}
