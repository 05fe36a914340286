import { notifications } from "@mantine/notifications";

/** Say what could not be done, what was kept and what to do, until it is closed; once while it stands. */
export const tell = (problem: Error) =>
  notifications.show({ id: problem.message, message: problem.message, autoClose: false });
