import { Button, NativeSelect, Title } from "@mantine/core";
import type { Easel, Plan } from "../api/client";
import { listed, say } from "../words/say";
import classes from "./easel.module.css";

interface Props {
  easel: Easel;
  plan: Plan;
  masses: readonly string[];
  onTouch: (mass: string) => void;
  onTell: (what: Easel["accidents"][number]) => void;
  onBack: () => void;
}

/** Something went wrong: where, by touches on the picture, then what. */
export function Wrong({ easel, plan, masses, onTouch, onTell, onBack }: Props) {
  const names = plan.document.masses
    .filter((one) => masses.includes(one.id))
    .map((one) => one.called);
  const name = listed(names);
  return (
    <section className={classes.next}>
      <Title order={1}>
        {name
          ? say("wrong-what", { name: name.charAt(0).toUpperCase() + name.slice(1) })
          : say("wrong-where")}
      </Title>
      <p className={classes.mind}>{say("wrong-several")}</p>
      <NativeSelect
        aria-label={say("wrong-choose")}
        size="lg"
        value=""
        data={[
          { value: "", label: say("wrong-choose") },
          ...plan.document.masses.map((one) => ({ value: one.id, label: one.called })),
        ]}
        onChange={(event) => event.currentTarget.value && onTouch(event.currentTarget.value)}
      />
      <div className={classes.choices}>
        {easel.accidents.map((what) => (
          <Button
            key={what}
            variant="default"
            disabled={masses.length === 0}
            onClick={() => onTell(what)}
          >
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
