import { useMutation } from "@tanstack/react-query";
import { type DragEvent, useState } from "react";
import { useNavigate } from "react-router";
import { client, got } from "../api/client";
import { ProblemNote } from "../parts/Problem";
import classes from "./pieces.module.css";

async function sent(file: File) {
  const body = new FormData();
  body.append("file", file);
  return got(
    await client.POST("/api/references", {
      body: { file: "" },
      bodySerializer: () => body,
    }),
  );
}

/** Where a photo is dropped or picked; what cannot be used is said right here. */
export function DropPhoto() {
  const [over, setOver] = useState(false);
  const navigate = useNavigate();
  const upload = useMutation({
    mutationFn: sent,
    onSuccess: (reference, file) => {
      const name = file.name.replace(/\.[^.]*$/, "").replace(/[-_]+/g, " ");
      navigate(`/new?reference=${reference.hash}&name=${encodeURIComponent(name)}`);
    },
  });
  const take = (file: File | undefined) => file && upload.mutate(file);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    take(event.dataTransfer.files[0]);
  };
  return (
    <>
      {upload.error && <ProblemNote onClose={upload.reset}>{upload.error.message}</ProblemNote>}
      <label
        className={classes.drop}
        data-over={over}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
      >
        <input
          type="file"
          className="unseen"
          accept="image/*"
          aria-label="Choose a photo"
          onChange={(event) => {
            take(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
        <b>{upload.isPending ? "Reading the photo" : "Drop a photo here"}</b>
        or choose one, and say what you paint with, on what, and how large. The order comes at once.
      </label>
    </>
  );
}
