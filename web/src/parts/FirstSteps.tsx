import { Group } from "@mantine/core";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { Rich, say } from "../words/say";
import { Act } from "./Act";
import classes from "./parts.module.css";

/** What somebody new does after the first order, each offered where it is needed and never in the way. */
const STEPS = ["lights", "approach", "mix", "along"] as const;
type Step = (typeof STEPS)[number];
const TO: Record<Step, string> = {
  lights: "order?below=lights",
  approach: "order?below=schools",
  mix: "mix",
  along: "easel",
};
const KEPT = "washboard.first-steps";
const passed = () => (localStorage.getItem(KEPT) ?? "").split(",");

/** Say that a step was taken, or put away: it is not offered again. */
export function passStep(step: Step) {
  if (!passed().includes(step)) localStorage.setItem(KEPT, [...passed(), step].join());
}

/** Say so of the place that is shown. */
export const usePassed = (step: Step) => useEffect(() => passStep(step), [step]);

/** The next step of somebody new, where it is one of those that are offered here. */
export function FirstStep({ piece, here }: { piece: string; here: readonly Step[] }) {
  const [, again] = useState(0);
  const navigate = useNavigate();
  const done = passed();
  const step = STEPS.find((one) => !done.includes(one));
  if (!step || !here.includes(step)) return null;
  const leave = () => {
    passStep(step);
    again((count) => count + 1);
  };
  return (
    <Group component="p" gap="2 14" fz="md" className={classes.step}>
      <span>
        <span className="quiet">
          {say("first-step-number", { number: STEPS.indexOf(step) + 2, count: STEPS.length + 1 })}
        </span>{" "}
        <Rich words={say(`first-step-${step}`)} />
      </span>
      <Act
        onClick={() => {
          leave();
          navigate(`/pieces/${piece}/${TO[step]}`);
        }}
      >
        {say(`first-step-go-${step}`)}
      </Act>
      <Act onClick={leave}>{say("name-things-now")}</Act>
    </Group>
  );
}
