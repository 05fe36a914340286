import { Button, Title } from "@mantine/core";
import type { Easel, Plan } from "../api/client";
import { say } from "../words/say";
import classes from "./easel.module.css";

interface Props {
  easel: Easel;
  plan: Plan;
  mass: string | null;
  onTell: (what: Easel["accidents"][number]) => void;
  onBack: () => void;
}

/** Something went wrong: where, by a touch on the picture, then what. */
export function Wrong({ easel, plan, mass, onTell, onBack }: Props) {
  const name = plan.document.masses.find((one) => one.id === mass)?.called;
  return (
    <section className={classes.next}>
      <Title order={1}>
        {name
          ? say("wrong-what", { name: name.charAt(0).toUpperCase() + name.slice(1) })
          : say("wrong-where")}
      </Title>
      <div className={classes.choices}>
        {easel.accidents.map((what) => (
          <Button key={what} variant="default" disabled={!mass} onClick={() => onTell(what)}>
            {say(`wrong-${what}`)}
          </Button>
        ))}
        <Button variant="filled" onClick={onBack}>
          {say("wrong-nothing")}
        </Button>
      </div>
    </section>
  );
}
